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
  /** What the new branch is called; left out: the old name counted up. */
  readonly name?: string
  /** The number that the old branch shows, which it keeps; null: it shows none. */
  readonly number?: number | null
}

/** Which branch a draft is the next period of: its new folders are numbered inside as the old ones are. */
export interface PeriodOf {
  readonly branchId: FolderId
  readonly grades: boolean
  readonly name: string
}

/**
 * "2026" → "2027", "2025-26" → "2026-27", "2025-2026" → "2026-2027", "Autumn 26" stays; days keep month and day, but
 * for 29 February.
 */
export function countUp(name: string, { grades = false } = {}): string {
  const counted = name.replace(
    /(?<!\d)(?:(19|20)(\d\d))(?:([-–])((?:19|20)?\d\d)(?![\d-]))?(?!\d)(-02-29)?/gu,
    (_, century: string, year: string, dash: string | undefined, end: string | undefined, leap: string | undefined) => {
      const next = Number(century + year) + 1
      if (dash === undefined || end === undefined) return `${next}${leap === undefined ? '' : '-02-28'}`
      const isSpan = end.length === 4 || Number(end) === (Number(year) + 1) % 100
      if (!isSpan) return `${next}${dash}${end}`
      return `${next}${dash}${end.length === 4 ? Number(end) + 1 : String((Number(end) + 1) % 100).padStart(2, '0')}`
    },
  )
  if (!grades) return counted
  return counted.replace(
    /\b(Year|Class|Grade|Form|Klasse|Classe)\s(\d{1,2})(?!\d)/giu,
    (_, word: string, number: string) => `${word} ${Number(number) + 1}`,
  )
}

/**
 * The draft of the whole plan with a new period of the branch `id`. `lines` are the plan's own. With an archive, the
 * new branch takes the old one's place and number, and the old one goes there with its number; without one, the old one
 * stays as it is and the new one continues behind the last of its siblings.
 */
export function nextPeriod(lines: readonly DraftLine[], id: FolderId, settings: PeriodSettings): DraftLine[] {
  const at = lines.findIndex(line => line.folderId === id)
  if (at < 0) return [...lines]
  const end = branchEnd(lines, at)
  const old = lines.slice(at, end)
  const archive = settings.archiveId === null ? -1 : lines.findIndex(line => line.folderId === settings.archiveId)
  const goesAway = archive >= 0 && (archive < at || archive >= end)
  const fresh = old.map((line, index) => ({
    ...line,
    folderId: null,
    text: freshText(line.text, settings, index === 0, goesAway),
  }))
  const closed = old.map((line, index) => (index === 0 ? { ...line, text: closedText(line.text, settings) } : line))
  if (!goesAway) {
    const last = siblingsEnd(lines, at)
    return [...lines.slice(0, at), ...closed, ...lines.slice(end, last), ...fresh, ...lines.slice(last)]
  }
  const by = (lines[archive]?.depth ?? 0) + 1 - (lines[at]?.depth ?? 0)
  const moved = closed.map(line => ({ ...line, depth: line.depth + by }))
  const replaced = [...lines.slice(0, at), ...fresh, ...lines.slice(end)]
  const into = branchEnd(replaced, archive)
  return [...replaced.slice(0, into), ...moved, ...replaced.slice(into)]
}

/** One past the last line below the parent of the line `at`. */
function siblingsEnd(lines: readonly DraftLine[], at: number): number {
  const depth = lines[at]?.depth ?? 0
  let end = at + 1
  while (end < lines.length && (lines[end]?.text.trim() === '' || (lines[end]?.depth ?? 0) >= depth)) end++
  while (end > at + 1 && lines[end - 1]?.text.trim() === '') end--
  return end
}

function freshText(text: string, { grades, name }: PeriodSettings, isTop: boolean, takesNumber: boolean): string {
  const facts = parseLine(text)
  const counted = countUp(plain(facts.name), { grades })
  const number = isTop && !takesNumber ? { number: null, label: null } : {}
  return writeLine({
    ...facts,
    ...number,
    name: escapeName(isTop ? (name ?? counted) : counted),
    purpose: countUp(facts.purpose, { grades }),
  })
}

/** The old branch keeps the number that it shows, wherever it goes. */
function closedText(text: string, { closed, number = null }: PeriodSettings): string {
  const facts = parseLine(text)
  return writeLine({
    ...facts,
    number: facts.label === null ? (facts.number ?? number) : facts.number,
    meaning: closed ?? facts.meaning,
  })
}
