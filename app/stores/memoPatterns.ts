// Memos that carry the tag "pattern" are what new ones can begin with; their fields are filled in.

import type { FolderId } from '../../core/ids'
import { tryParseId } from '../../core/ids'
import { readBytes, readDocument } from '../api/documents'
import { find } from '../api/find'
import { useNotice } from './notice'
import { usePlaceNames } from './placeNames'
import { useTagList } from './tagList'
import { refusalOf } from './remote'

const PATTERN_TAG = 'pattern'

export interface MemoPattern {
  readonly id: string
  readonly name: string
}

/** The patterns there are, by name. */
export async function memoPatterns(): Promise<readonly MemoPattern[]> {
  const tag = useTagList().tags.find(({ folded }) => folded === PATTERN_TAG)
  if (!tag) return []
  try {
    const found = await find({ types: 'text', tags: tag.id })
    return found.documents
      .filter(({ extension }) => extension === 'md')
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => (a.name < b.name ? -1 : 1))
  } catch (error) {
    useNotice().refuse(refusalOf(error))
    return []
  }
}

/** How a new memo begins: from a pattern with its fields filled, or empty. */
export async function beginningOf(
  patternId: string,
  folderId: FolderId | null,
): Promise<{ name: string; text: string }> {
  const id = tryParseId<'document'>(patternId)
  if (!id) return { name: '', text: '' }
  try {
    const pattern = await readDocument(id)
    const text = new TextDecoder().decode(await readBytes(id, pattern.version))
    return { name: fillFields(pattern.name, folderId), text: fillFields(text, folderId) }
  } catch (error) {
    useNotice().refuse(refusalOf(error))
    return { name: '', text: '' }
  }
}

function fillFields(text: string, folderId: FolderId | null): string {
  const now = new Date()
  const two = (part: number) => String(part).padStart(2, '0')
  const fields: Record<string, string> = {
    date: `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`,
    time: `${two(now.getHours())}:${two(now.getMinutes())}`,
    folder: folderId === null ? 'In-tray' : (usePlaceNames().placeOf(folderId)?.name ?? ''),
  }
  return text.replace(/\{(date|time|folder)\}/g, (_, field: string) => fields[field] ?? '')
}
