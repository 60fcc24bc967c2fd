// What was locked before it was read, or came into a locked folder, is read when its lock is opened: the words are kept
// sealed, and nobody finds it by them.

import type { KeyObject } from 'node:crypto'
import { isReadable } from '../../../core/formats/index'
import { sealedTexts } from '../../db/models/sealedText'
import { unreadUnder } from '../../db/sql/locks'
import { notifyHolders } from '../../db/sql/reading'
import type { Reading } from '../../db/sql/reading'
import { sayFault } from '../../log/log'
import type { Actor } from '../actor'
import type { Read, ReadText } from '../reading/keepReading'
import { READING_LIMIT_BYTES } from '../reading/keepReading'
import { openKey } from './envelope'
import type { SealedReading } from './sealBytes'
import { readSealed, sealText } from './sealBytes'

const AT_ONCE = 200

/** Reads what was not read yet under this lock, one after the other; goes on when the answer is given. */
export function readUnder(actor: Actor, lockId: string, privateKey: KeyObject, read: Read): void {
  readAll(actor, lockId, privateKey, read).catch((error: unknown) => {
    sayFault(error, 'what is locked could not be read; it is tried again when its lock is opened again')
  })
}

async function readAll({ planId }: Actor, lockId: string, privateKey: KeyObject, read: Read): Promise<void> {
  for (const { blobId, seal, size, extension } of await unreadUnder(lockId, AT_ONCE)) {
    if (!isReadable(extension) || size === 0 || size > READING_LIMIT_BYTES) continue
    const key = openKey(privateKey, seal, blobId)
    const opened = await read(planId, extension, readSealed(blobId, key, 0, size - 1), [])
    const found: SealedReading =
      opened.ended === null && opened.outcome.ok
        ? readingOf(opened.outcome)
        : { reading: failed(opened.ended === null && !opened.outcome.ok ? opened.outcome.reason : ''), pages: [] }
    // Another window may have opened it at the same time.
    await sealedTexts().bulkCreate([{ blobId, bytes: await sealText(key, blobId, found) }], { ignoreDuplicates: true })
    await notifyHolders(blobId, 'reading')
  }
}

function readingOf({ pages, paged, facts }: ReadText): SealedReading {
  const counts = new Map<string, number>()
  for (const { kind } of pages) counts.set(kind, (counts.get(kind) ?? 0) + 1)
  const parts = [...counts].map(([kind, count]) => ({ kind, count })) as Reading['parts']
  const { title, author, language } = facts
  return {
    reading: { state: 'read', reason: null, pages: pages.length, paged, title, author, language, parts },
    pages: pages.map(({ page, kind, name, body }) => ({ page, kind, name, body })),
  }
}

const failed = (reason: string): Reading => ({
  ...{ state: 'failed', reason, pages: 0, paged: false, title: '', author: '', language: null, parts: [] },
})
