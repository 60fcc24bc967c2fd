// Uploads that go on where they broke off, by the open tus protocol (version 1.0.0). What has arrived is a
// file on its way, not a document yet: commitUploads makes documents of it.

import type { IncomingMessage, ServerResponse } from 'node:http'
import { MemoryLocker, Server } from '@tus/server'
import { fail, refusal } from '../../../core/errors'
import type { Refusal } from '../../../core/errors'
import { sizeText } from '../../../core/formats/index'
import { nameFromFile } from '../../../core/plan/index'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { uploadLimit } from '../documents/addUpload'
import { uploadsAmong } from '../../db/sql/uploads'
import { fileNameIn, UploadStore } from './uploadStore'

const RESUMABLE_PATH = '/api/uploads/resumable'
const NAME_LIMIT = 1000
const VERSION = '1.0.0'
const PART_TYPE = 'application/offset+octet-stream'

// One part at a time for each upload.
const locker = new MemoryLocker()

/**
 * Answers one request of the protocol for one person; `id` is the upload in its path, `explain` says how a fault is
 * told. Throws notFound for an upload of somebody else.
 */
export async function resumable(
  actor: Actor,
  id: string | null,
  request: IncomingMessage,
  response: ServerResponse,
  explain: (error: unknown) => { readonly reason: Refusal; readonly status: number },
): Promise<void> {
  if (id !== null && (await uploadsAmong(null, actor.planId, [id])).length === 0) fail('notFound')
  if (refusedByProtocol(request, response)) return
  const server = new Server({
    path: RESUMABLE_PATH,
    relativeLocation: true,
    datastore: new UploadStore(actor),
    locker,
    namingFunction: () => newId(),
    onUploadCreate: async (_, { size, metadata }) => {
      const name = fileNameIn(metadata)
      if (name === '' || name.length > NAME_LIMIT)
        throw answer(refusal('request.invalid', { why: 'an upload needs the name of its file' }), 400)
      if (size === undefined) throw answer(refusal('request.invalid', { why: 'an upload needs its length' }), 400)
      if (size > uploadLimit())
        throw answer(refusal('upload.large', { name: nameFromFile(name).name, limit: sizeText(uploadLimit()) }), 413)
      await checkQuota(actor, size, 1).catch((error: unknown) => {
        const { reason, status } = explain(error)
        throw answer(reason, status)
      })
      return {}
    },
    onResponseError: (_, error) => {
      if ('status_code' in error) return undefined
      const { reason, status } = explain(error)
      return { status_code: status, body: JSON.stringify(reason) }
    },
  })
  await server.handle(request, response)
}

/**
 * What the protocol's text says and the package answers otherwise: an unknown version is 412, another content type 415.
 * True when it was answered.
 */
function refusedByProtocol(request: IncomingMessage, response: ServerResponse): boolean {
  const refuse = (status: number, why: string) => {
    response.writeHead(status, { 'content-type': 'application/json', 'tus-resumable': VERSION, 'tus-version': VERSION })
    response.end(JSON.stringify(refusal('request.invalid', { why })))
    request.resume()
    return true
  }
  if (request.method === 'OPTIONS') return false
  if (request.headers['tus-resumable'] !== VERSION)
    return refuse(412, `it needs the header Tus-Resumable with the version ${VERSION}`)
  if (request.method === 'PATCH' && request.headers['content-type'] !== PART_TYPE)
    return refuse(415, `a part of an upload has the content type ${PART_TYPE}`)
  return false
}

function answer(reason: Refusal, status: number): Error & { status_code: number; body: string } {
  return Object.assign(new Error(reason.message), { status_code: status, body: JSON.stringify(reason) })
}
