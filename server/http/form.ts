// Multipart forms (RFC 7578), read as they come: fields are short, files go on as streams and are never held whole.

import { Readable } from 'node:stream'
import Busboy from '@fastify/busboy'
import type { H3Event } from 'h3'
import { FORM_LIMIT_BYTES } from '../../contract/bodyLimits'
import { fail } from '../../core/errors'
import { limitedBody } from './body'

const [FIELDS_LIMIT, FILES_LIMIT] = [50, 200]

export interface Form<File> {
  readonly fields: ReadonlyMap<string, string>
  readonly files: readonly File[]
}

/**
 * `take` is called with each file of the field; what it gives stands in the form. Throws request.invalid, body.large,
 * and what `take` throws.
 */
export async function formOf<File>(
  event: H3Event,
  field: string,
  limitBytes: number,
  take: (fileName: string, bytes: AsyncIterable<Uint8Array>) => Promise<File>,
): Promise<Form<File>> {
  const type = event.node.req.headers['content-type'] ?? ''
  if (!/^multipart\/form-data;.*boundary=/i.test(type))
    fail('request.invalid', { why: 'its body is no form with files (multipart/form-data)' })
  const fields = new Map<string, string>()
  const files: Promise<File>[] = []
  const parser = new Busboy({
    headers: { 'content-type': type },
    limits: {
      fields: FIELDS_LIMIT,
      files: FILES_LIMIT,
      fieldSize: FORM_LIMIT_BYTES,
      parts: FIELDS_LIMIT + FILES_LIMIT,
    },
  })
  parser.on('field', (name, value) => {
    fields.set(name, value.trim())
  })
  parser.on('file', (name, stream, fileName) => {
    stream.on('error', (error: Error) => {
      parser.destroy(error)
    })
    if (name !== field || !fileName) {
      stream.resume()
      return
    }
    const taken = take(fileName, stream)
    taken.catch((error: unknown) => {
      parser.destroy(error as Error)
    })
    files.push(taken)
  })
  const ended = new Promise<void>((resolve, reject) => {
    parser.once('finish', resolve)
    parser.on('error', reject)
  })
  const source = Readable.from(limitedBody(event, limitBytes))
  source.once('error', error => {
    parser.destroy(error)
  })
  source.pipe(parser)
  try {
    await ended
    return { fields, files: await Promise.all(files) }
  } catch (error) {
    source.destroy()
    await Promise.allSettled(files)
    if (error instanceof Error && /^(Unexpected end|Multipart|Malformed|Part terminated)/i.test(error.message))
      return fail('request.invalid', { why: 'its form ends before its end, or is none' })
    throw error
  }
}
