// The one way in for what arrives by itself or is handed over: whatever the source, it says what arrives, and this
// takes it in.

import { v5 } from 'uuid'
import { mediaTypeOf } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { Origin } from '../../../core/rows/index'
import type { StoredBlob } from '../../db/blobStore'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'

export interface ArrivingFile {
  readonly fileName: string
  /** As they are, or stored already. */
  readonly content: Uint8Array | StoredBlob
  /** ISO 8601. */
  readonly changedAt: string
  readonly origin: Origin
}

/** What arrives together and becomes one Change. */
export interface Arrival {
  /** The source's own name of it: what comes twice is taken in once. null: it never comes twice. */
  readonly key: string | null
  readonly sender: string
  /** A folder that comes with the files, to stand at the top of the plan; null: they go into the In-tray. */
  readonly folder: string | null
  readonly files: readonly ArrivingFile[]
  /** The first file is a message, and the others came with it. */
  readonly isMessage?: boolean
}

/** What a source may need to make arrivals of what it holds. */
export interface SourceTools {
  readonly planId: string
  readonly now: Date
  /** Takes a message apart in a process of its own; what is no message is `ok: false`. */
  readonly openMail: OpenMail
}

export type OpenMail = (planId: string, bytes: Buffer) => Promise<OpenedMail>
type OpenedMail =
  | {
      readonly ok: true
      readonly subject: string
      readonly sender: string
      /** As it stands in the message. */
      readonly date: string
      readonly attachments: readonly { readonly fileName: string; readonly bytes: Uint8Array }[]
    }
  | { readonly ok: false }

/** A device or service that has arrivals. `Request` is what a person chooses when they ask it for them. */
export interface ArrivalSource<Request> {
  readonly fetch: (tools: SourceTools, request: Request) => Promise<readonly Arrival[]>
}

/** Names every arrival within Hembix (RFC 9562, version 5). */
const ARRIVALS = '6f1c1a52-4f0e-4f0e-9a51-0d6e3c1b7a10'

/** Stores the files and makes documents of them, as one Change; null where it was taken in before. */
export async function takeIn(
  actor: Actor,
  { key, sender, folder, files, isMessage = false }: Arrival,
  now: Date,
): Promise<JournalEntry | null> {
  const changeId = key === null ? newId() : v5(`${actor.planId} ${key}`, ARRIVALS)
  if (key !== null && (await entryById(null, actor.planId, changeId))) return null
  const folderId = folder === null ? null : newId<FolderId>()
  const taken: NewFile[] = []
  for (const { fileName, content, changedAt, origin } of files) {
    const { size, id: blobId } =
      content instanceof Uint8Array ? await storeFile(actor.planId, Buffer.from(content)) : content
    const [message] = isMessage ? taken : []
    taken.push({
      id: newId<DocumentId>(),
      versionId: newId(),
      placementId: newId(),
      fileName,
      mediaType: mediaTypeOf(nameFromFile(fileName).extension),
      size,
      blobId,
      changedAt,
      origin,
      sender,
      ...(message ? { partOf: message.id } : {}),
      ...(folderId === null ? {} : { folderId }),
    })
  }
  return applyCommand(
    actor,
    changeId,
    {
      kind: 'document.add',
      folderId: null,
      clash: 'both',
      files: taken,
      folders: folderId === null || folder === null ? [] : [{ id: folderId, parentId: null, name: folder }],
    },
    now,
  )
}
