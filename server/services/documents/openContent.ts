import { fail } from '../../../core/errors'
import { documentById, versionsOf } from '../../db/sql/documentFacts'
import type { Actor } from '../actor'
import { openBytes } from '../locks/openLocks'

export interface Content {
  readonly blobId: string
  readonly name: string
  readonly extension: string
  readonly mediaType: string
  readonly size: number
  /** Hex; names the bytes, so it serves as entity tag. */
  readonly sha256: string
  /** It is locked, and open for who asks. */
  readonly isSealed: boolean
  /** The bytes from `start` up to and with `end`. */
  readonly read: (start: number, end: number) => AsyncGenerator<Buffer>
}

/** The very bytes of a document, or of one of its earlier versions. Throws notFound, lock.closed. */
export async function openContent(actor: Actor, id: string, version: number | null): Promise<Content> {
  const document = (await documentById(actor.planId, id)) ?? fail('notFound')
  const request =
    version === null || version === document.version
      ? document
      : ((await versionsOf(actor.planId, id)).find(candidate => candidate.number === version) ?? fail('notFound'))
  const { id: blobId, size, sha256, isSealed, read } = await openBytes(actor, request.blobId)
  return {
    blobId,
    name: document.name,
    extension: request.extension,
    mediaType: request.mediaType,
    size,
    sha256,
    isSealed,
    read,
  }
}
