// How a memo gets into the plan, and what holds its letters until then.

import { newId } from '../../contract/newId'
import type { DocumentFacts } from '../../contract/document'
import type { DocumentId, FolderId, TagId } from '../../core/ids'
import { readBytes, readDocument } from '../api/documents'
import { sendContent, sendNew } from '../api/uploads'
import { useActs } from './acts'
import { refusalOf } from './remote'

const keyOf = (id: string) => `hembix.memo.${id}`

/** What was typed in this browser and is not in the plan; null: nothing. */
export const typedOf = (id: string): string | null => localStorage.getItem(keyOf(id))
export const keepTyped = (id: string, text: string): void => localStorage.setItem(keyOf(id), text)
export const forgetTyped = (id: string): void => localStorage.removeItem(keyOf(id))

/** What the plan knows of it; null where it has none yet. */
export async function factsOf(id: DocumentId): Promise<DocumentFacts | null> {
  try {
    return await readDocument(id)
  } catch (error) {
    if (refusalOf(error).code === 'notFound') return null
    throw error
  }
}

/** What is written in it, as the plan has it; refused where it is locked. */
export const textOf = async ({ id, version }: DocumentFacts): Promise<string> =>
  new TextDecoder().decode(await readBytes(id, version))

export interface Written {
  /** As the plan has it; null: not at all. */
  readonly document: DocumentFacts | null
  readonly keptText: string
  readonly folderId: FolderId | null
  readonly name: string
  readonly text: string
}

/** Sends what was written, as a new document or a version, and its name where that was changed. */
export async function sendMemo(
  id: DocumentId,
  { document, keptText, folderId, name, text }: Written,
): Promise<DocumentFacts> {
  if (document === null)
    await sendNew({
      changeId: newId(),
      documentId: id,
      folder: folderId ?? 'in-tray',
      name: `${name || titleOf(text)}.md`,
      origin: 'memo',
      text,
    })
  else if (text !== keptText) await sendContent(id, { changeId: newId(), name: 'memo.md', written: true, text })
  if (typedOf(id) === text) forgetTyped(id)
  const facts = await readDocument(id)
  if (name !== '' && name !== facts.name) await useActs().act({ kind: 'document.rename', id, name, allowTwin: true })
  return facts
}

export async function tagMemo(id: DocumentId, names: readonly string[]): Promise<DocumentFacts> {
  const tags = names.map(name => ({ id: newId<TagId>(), name }))
  await useActs().act({ kind: 'tag.put', folderIds: [], documentIds: [id], tags })
  return readDocument(id)
}

/** The first heading or line, for a memo without a name. */
function titleOf(text: string): string {
  const line =
    text
      .split('\n')
      .map(one => one.replace(/^[#>\-*\s[\]x]+/, '').trim())
      .find(one => one !== '') ?? 'Memo'
  return line.replace(/[/\\]/g, '-').slice(0, 80)
}
