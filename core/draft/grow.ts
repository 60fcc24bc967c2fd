// From the lines of a draft to the folders they stand for: patterns are carried out, and every line
// below one that makes many is repeated under each.

import type { OutlineNode } from '../formats/index'
import type { FolderId } from '../ids'
import { checkName } from '../plan/index'
import type { LineFacts } from './line'
import { parseLine } from './line'
import { expandName, PATTERN_LIMIT } from './pattern'

export interface DraftLine {
  /** The folder of the plan that the line stands for; null: a new one. */
  readonly folderId: FolderId | null
  /** From 0; one more than the line above at most counts. */
  readonly depth: number
  /** In the notation of line.ts, without indentation. */
  readonly text: string
}

export interface DraftFolder extends OutlineNode {
  /** Index of its line. */
  readonly line: number
  readonly folderId: FolderId | null
  /** Index of its parent among the folders; -1: the root of the draft. */
  readonly parent: number
}

export interface DraftFault {
  readonly line: number
  readonly why: string
}

export interface GrownDraft {
  readonly folders: readonly DraftFolder[]
  readonly faults: readonly DraftFault[]
  /** How many folders a line with a pattern makes, by line. */
  readonly makes: ReadonlyMap<number, number>
}

const FOLDER_LIMIT = 50_000
/** Levels below the root of a draft. Nobody finds a folder again that lies deeper; a pasted text can pretend to. */
export const LEVEL_LIMIT = 60

/** Blank lines stand for nothing. A faulty line makes no folder; what is below it hangs from its parent. */
export function growDraft(lines: readonly DraftLine[]): GrownDraft {
  const folders: DraftFolder[] = []
  const faults: DraftFault[] = []
  const makes = new Map<number, number>()
  const facts = lines.map(line => (line.text.trim() === '' ? null : parseLine(line.text)))
  const expansions = facts.map((fact, line) => (fact === null ? null : namesOf(fact, line, faults)))

  /** Adds lines from..to below `parent`; each run of lines deeper than its first belongs to that one. */
  const add = (from: number, to: number, parent: number, depth: number): void => {
    if (depth >= LEVEL_LIMIT && from < to) {
      if (!faults.some(fault => fault.line === from))
        faults.push({
          line: from,
          why: `A plan goes at most ${LEVEL_LIMIT} levels deep. Move this line and what is below it further out.`,
        })
      return
    }
    for (let at = from; at < to;) {
      const line = lines[at]
      const end = line ? branchEnd(lines, at, to) : to
      const [fact, names] = [facts[at], expansions[at]]
      if (!line || !fact || !names) {
        add(at + 1, end, parent, depth)
        at = end
        continue
      }
      for (const name of names) {
        if (folders.length > FOLDER_LIMIT) break
        folders.push({ line: at, folderId: names.length === 1 ? line.folderId : null, parent, depth, ...fact, name })
        add(at + 1, end, folders.length - 1, depth + 1)
      }
      at = end
    }
  }
  add(0, lines.length, -1, 0)

  const made = new Map<number, number>()
  for (const folder of folders) made.set(folder.line, (made.get(folder.line) ?? 0) + 1)
  for (const [line, count] of made) {
    if (count > 1) makes.set(line, count)
    if (count > PATTERN_LIMIT)
      faults.push({
        line,
        why:
          `This line would make ${count.toLocaleString('en-GB')} folders; at most ` +
          `${PATTERN_LIMIT.toLocaleString('en-GB')} can be made by one line.`,
      })
  }
  if (folders.length > FOLDER_LIMIT)
    faults.push({
      line: lines.length - 1,
      why: `A draft makes at most ${FOLDER_LIMIT.toLocaleString('en-GB')} folders.`,
    })
  return { folders, faults, makes }
}

/** No line is more than one step deeper than the one above. */
export function levelled<L extends { readonly depth: number }>(lines: readonly L[]): L[] {
  let above = -1
  return lines.map(line => ({ ...line, depth: (above = Math.min(line.depth, above + 1)) }))
}

/** One past the last line that lies below the line `at`. */
export function branchEnd(
  lines: readonly { readonly depth: number; readonly text: string }[],
  at: number,
  limit = lines.length,
): number {
  const depth = lines[at]?.depth ?? 0
  let end = at + 1
  while (end < limit && (lines[end]?.text.trim() === '' || (lines[end]?.depth ?? 0) > depth)) end++
  // Blank lines behind the branch do not belong to it.
  while (end > at + 1 && lines[end - 1]?.text.trim() === '') end--
  return end
}

function namesOf(fact: LineFacts, line: number, faults: DraftFault[]): readonly string[] | null {
  const expanded = expandName(fact.name)
  if (!expanded.ok) {
    faults.push({ line, why: expanded.why })
    return null
  }
  const names: string[] = []
  for (const name of expanded.names) {
    const checked = checkName(name)
    if (!checked.ok) {
      faults.push({ line, why: checked.reason.message })
      return null
    }
    names.push(checked.name)
  }
  return names
}
