// Bodies of requests: each has a limit that counts bytes as they arrive, announced or not, and all that are held in
// memory at a moment have one together.

import type { H3Event } from 'h3'
import type { AnySchema, InferType } from 'yup'
import { DEPTH_LIMIT, limitOf } from '../../contract/bodyLimits'
import { fail } from '../../core/errors'
import { sizeText } from '../../core/formats/index'
import { jsonDepth } from '../../core/jsonText'
import { bodyStream } from './stream'

const HELD_LIMIT_BYTES = 128 * 1024 * 1024
let held = 0

/** A JSON body. Throws body.large, server.busy, request.invalid. */
export async function bodyOf<S extends AnySchema>(event: H3Event, shape: S): Promise<InferType<S>> {
  const text = await textOf(event, limitOf(shape.meta()))
  return checked(shape, parseJson(text, 'its body is not JSON') ?? {})
}

/** A value from outside as its shape says. Throws request.invalid. */
export async function checked<S extends AnySchema>(shape: S, value: unknown): Promise<InferType<S>> {
  try {
    return (await shape.validate(value, { stripUnknown: true })) as InferType<S>
  } catch (error) {
    // An object that takes the place of a text, with a "toString" of its own, cannot even be looked at.
    if (error instanceof TypeError) return fail('request.invalid', { why: 'a value in it is of the wrong kind' })
    throw error
  }
}

/** Throws request.invalid. Nothing is undefined. */
export function parseJson(text: string, wrong: string): unknown {
  if (text.trim() === '') return undefined
  if (jsonDepth(text, DEPTH_LIMIT) > DEPTH_LIMIT)
    fail('request.invalid', { why: `it is nested deeper than ${DEPTH_LIMIT} levels` })
  try {
    const value = JSON.parse(text) as unknown
    if (SUSPICIOUS.test(text)) refuseUnstorable(value)
    return value
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
    return fail('request.invalid', { why: wrong })
  }
}

// Escapes that can stand for a null character or for half of a surrogate pair, which no text in the database can hold.
const SUSPICIOUS = /\\u(?:0000|d[89a-f])/i
const UNSTORABLE = /\0|\p{Surrogate}/u

function refuseUnstorable(value: unknown): void {
  if (typeof value === 'string' && UNSTORABLE.test(value))
    fail('request.invalid', { why: 'a text in it holds a null character or half of a character' })
  if (typeof value !== 'object' || value === null) return
  for (const [name, part] of Object.entries(value)) {
    refuseUnstorable(name)
    refuseUnstorable(part)
  }
}

async function textOf(event: H3Event, limit: number): Promise<string> {
  const parts: Uint8Array[] = []
  let size = 0
  try {
    for await (const part of limitedBody(event, limit)) {
      if (held + part.length > HELD_LIMIT_BYTES) fail('server.busy')
      held += part.length
      size += part.length
      parts.push(part)
    }
    return Buffer.concat(parts).toString('utf8')
  } finally {
    held -= size
  }
}

/** The body as it comes in, which is refused as soon as it is larger than the limit. Throws body.large. */
export async function* limitedBody(event: H3Event, limit: number): AsyncGenerator<Uint8Array> {
  const tooLarge = (): never => fail('body.large', { limit: sizeText(limit) })
  const body = bodyStream(event)
  if (Number(event.node.req.headers['content-length'] ?? 0) > limit) tooLarge()
  let size = 0
  for await (const part of body) {
    size += part.length
    if (size > limit) tooLarge()
    yield part
  }
}
