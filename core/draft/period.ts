// The next year, or school year, of a branch: the same structure with the years in its names counted up.

import type { FolderId } from '../ids'
import type { DraftLine } from './grow'
import { branchEnd } from './grow'
import { escapeName, parseLine, plain, writeLine } from './line'

export interface PeriodSettings {
  /** "Year 10" becomes "Year 11" as well. */
  readonly grades: boolean
  /** The folder under which the old branch goes; null: it stays beside the new one. */
  readonly archiveId: FolderId | null
  /** Name of the meaning that the old branch gets; null: it keeps its own. */
  readonly closed: string | null
}

/** "2026" → "2027", "2025-26" → "2026-27", "2025-2026" → "2026-2027", "Autumn 26" stays; days keep month and day, but for 29 February. */
export function countUp(name: string, { grades = false } = {}): string {
  const counted = name.replace(/(?<!\d)(?:(19|20)(\d\d))(?:([-–])((?:19|20)?\d\d)(?![\d-]))?(?!\d)(-02-29)?/gu, (_, century: string, year: string, dash: string | undefined, end: string | undefined, leap: string | undefined) => {
    const next = Number(century + year) + 1
    if (dash === undefined || end === undefined) return `${next}${leap === undefined ? '' : '-02-28'}`
    const isSpan = end.length === 4 || Number(end) === (Number(year) + 1) % 100
    if (!isSpan) return `${next}${dash}${end}`
    return `${next}${dash}${end.length === 4 ? Number(end) + 1 : String((Number(end) + 1) % 100).padStart(2, '0')}`
  })
  if (!grades) return counted
  return counted.replace(/\b(Year|Class|Grade|Form|Klasse|Classe)\s(\d{1,2})(?!\d)/giu, (_, word: string, number: string) => `${word} ${Number(number) + 1}`)
}

/** The draft of the whole plan with a new period of the branch `id` in its place. `lines` are the plan's own. */
export function nextPeriod(lines: readonly DraftLine[], id: FolderId, settings: PeriodSettings): DraftLine[] {
  const at = lines.findIndex(line => line.folderId === id)
  if (at < 0) return [...lines]
  const end = branchEnd(lines, at)
  const old = lines.slice(at, end)
  const fresh = old.map(line => ({ ...line, folderId: null, text: countedUp(line.text, settings) }))
  const first = old[0]
  const archive = settings.archiveId === null ? -1 : lines.findIndex(line => line.folderId === settings.archiveId)
  const closed = old.map((line, index) => (index === 0 && first ? { ...line, text: closedText(first.text, settings) } : line))
  if (archive < 0 || (archive >= at && archive < end)) return [...lines.slice(0, at), ...fresh, ...closed, ...lines.slice(end)]
  const by = (lines[archive]?.depth ?? 0) + 1 - (first?.depth ?? 0)
  const moved = closed.map(line => ({ ...line, depth: line.depth + by }))
  const replaced = [...lines.slice(0, at), ...fresh, ...lines.slice(end)]
  const into = branchEnd(replaced, archive)
  return [...replaced.slice(0, into), ...moved, ...replaced.slice(into)]
}

function countedUp(text: string, { grades }: PeriodSettings): string {
  const facts = parseLine(text)
  return writeLine({ ...facts, name: escapeName(countUp(plain(facts.name), { grades })), purpose: countUp(facts.purpose, { grades }) })
}

/** The old branch leaves its own number to the new one. */
function closedText(text: string, { closed, archiveId }: PeriodSettings): string {
  const facts = parseLine(text)
  return writeLine({ ...facts, number: archiveId === null && facts.number === null ? facts.number : null, label: null, meaning: closed ?? facts.meaning })
}
