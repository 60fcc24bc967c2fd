import type { PartKind, PartName } from '../../core/text/index'
import { TEXT_LIMIT } from './outcome'

/** A page, a sheet, a slide, the notes: what a hit says it stands in. */
export interface Part extends PartName {
  readonly body: string
}

export const part = (kind: PartKind, name: string, body: string): Part => ({ kind, name, body })

/** A text in parts that all have this name. */
export const textParts = (text: string, kind: PartKind = 'text', name = ''): Part[] =>
  partsOf(text).map(body => part(kind, name, body))

/** As much of a document as is kept: the last part is cut, those behind it are left out. */
export function withinLimit(parts: readonly Part[]): Part[] {
  let left = TEXT_LIMIT
  return parts.flatMap(one => {
    if (left <= 0) return []
    const body = one.body.slice(0, left)
    left -= body.length
    return [{ ...one, body }]
  })
}

const PART_LENGTH = 4000

/**
 * A text in parts of about 4,000 letters, cut between lines where there are some, so that a passage is found without
 * the whole.
 */
export function partsOf(text: string): string[] {
  const parts: string[] = []
  const kept = text.slice(0, TEXT_LIMIT)
  for (let at = 0; at < kept.length;) {
    const end = at + PART_LENGTH >= kept.length ? kept.length : cutBefore(kept, at, at + PART_LENGTH)
    parts.push(kept.slice(at, end))
    at = end
  }
  return parts
}

function cutBefore(text: string, from: number, to: number): number {
  for (const mark of ['\n', ' ']) {
    const at = text.lastIndexOf(mark, to)
    if (at > from + PART_LENGTH / 2) return at + 1
  }
  return to
}
