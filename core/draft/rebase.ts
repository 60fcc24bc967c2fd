// A draft whose plan was changed meanwhile in another window: what changed there comes into the draft
// where the draft left it alone, and what both changed is named.

import type { FolderFacts } from '../formats/index'
import type { FolderId } from '../ids'
import { foldedText } from '../text/index'
import type { DraftLine } from './grow'
import { branchEnd } from './grow'
import type { LineFacts } from './line'
import { escapeName, parseLine, plain, writeLine } from './line'

/** A folder as it was when the draft was last compared: its facts, its parent, and its meaning by name. */
export interface BaseFolder extends FolderFacts {
  readonly id: FolderId
  readonly parentId: FolderId | null
}

export interface Rebased {
  readonly lines: readonly DraftLine[]
  /** How many folders were taken over from the plan. */
  readonly taken: number
  /** What was changed here and there: the draft's own stays. */
  readonly collisions: readonly string[]
}

const FACTS = ['name', 'number', 'label', 'numbered', 'meaning', 'purpose'] as const

/** `base` and `now` hold the folders of the draft's branch, parents before children, in their order. */
export function rebaseDraft(
  lines: readonly DraftLine[],
  base: readonly BaseFolder[],
  now: readonly BaseFolder[],
  rootId: FolderId | null,
): Rebased {
  const before = new Map(base.map(folder => [folder.id, folder]))
  const after = new Map(now.map(folder => [folder.id, folder]))
  const collisions: string[] = []
  let taken = 0
  let next: DraftLine[] = lines.map(line => {
    const [was, is] = [
      line.folderId ? before.get(line.folderId) : undefined,
      line.folderId ? after.get(line.folderId) : undefined,
    ]
    if (!was || !is) return line
    const merged = mergeFacts(parseLine(line.text), was, is, collisions)
    if (merged.taken) taken++
    return merged.taken ? { ...line, text: writeLine(merged.facts) } : line
  })
  const gone = dropGone(next, before, after, collisions)
  next = gone.lines
  taken += gone.taken
  // Only what is new or moved in the plan is looked for among the lines; that is seldom much.
  for (const folder of now.filter(({ id, parentId }) => before.get(id)?.parentId !== parentId)) {
    const was = before.get(folder.id)
    const at = next.findIndex(line => line.folderId === folder.id)
    const into = folder.parentId === rootId ? null : folder.parentId
    if (at < 0) {
      if (was) continue // the draft removes it
      next = insertBelow(next, lineFor(folder), into)
      taken++
      continue
    }
    const here = parentIn(next, at, rootId)
    if (was && here === was.parentId) {
      next = moveBelow(next, at, into)
      taken++
    } else if (was && here !== folder.parentId)
      collisions.push(
        `“${folder.name}” was moved elsewhere in the plan; the draft moves it as well, and its move stays.`,
      )
  }
  return { lines: next, taken, collisions }
}

function lineFor(folder: BaseFolder): DraftLine {
  return { folderId: folder.id, depth: 0, text: writeLine({ ...folder, name: escapeName(folder.name) }) }
}

function mergeFacts(
  facts: LineFacts,
  was: BaseFolder,
  is: BaseFolder,
  collisions: string[],
): { facts: LineFacts; taken: boolean } {
  let merged: LineFacts = facts
  let taken = false
  for (const fact of FACTS) {
    if (sameFact(fact, was[fact], is[fact])) continue
    const mine = fact === 'name' ? plain(facts.name) : facts[fact]
    if (sameFact(fact, mine, is[fact])) continue
    if (!sameFact(fact, mine, was[fact])) {
      collisions.push(
        `The ${fact} of “${is.name}” was changed in the plan (${said(is[fact])}) and in the draft ` +
          `(${said(mine)}); the draft’s stays.`,
      )
      continue
    }
    merged = { ...merged, [fact]: fact === 'name' ? escapeName(is.name) : is[fact] }
    taken = true
  }
  return { facts: merged, taken }
}

function sameFact(fact: (typeof FACTS)[number], a: unknown, b: unknown): boolean {
  if (fact === 'meaning') return foldedText(a === null ? '' : String(a)) === foldedText(b === null ? '' : String(b))
  return a === b
}

const said = (value: unknown) => (value === null || value === '' ? 'none' : `“${String(value)}”`)

/**
 * Lines of folders that are no longer there go; what hangs below them stays. Lines that were written on become new
 * folders.
 */
function dropGone(
  lines: readonly DraftLine[],
  before: ReadonlyMap<FolderId, BaseFolder>,
  after: ReadonlyMap<FolderId, BaseFolder>,
  collisions: string[],
): { lines: DraftLine[]; taken: number } {
  const kept: DraftLine[] = []
  let taken = 0
  const lifted: number[] = []
  for (const line of lines) {
    while ((lifted.at(-1) ?? -1) >= line.depth) lifted.pop()
    const was = line.folderId ? before.get(line.folderId) : undefined
    const isGone = was !== undefined && line.folderId !== null && !after.has(line.folderId)
    const depth = line.depth - lifted.length
    if (!isGone) {
      kept.push({ ...line, depth })
      continue
    }
    taken++
    const facts = parseLine(line.text)
    const untouched = FACTS.every(fact => sameFact(fact, fact === 'name' ? plain(facts.name) : facts[fact], was[fact]))
    if (untouched) {
      lifted.push(line.depth)
      continue
    }
    collisions.push(`“${was.name}” is no longer in the plan; the draft makes it anew.`)
    kept.push({ ...line, depth, folderId: null })
  }
  return { lines: kept, taken }
}

function parentIn(lines: readonly DraftLine[], at: number, rootId: FolderId | null): FolderId | null {
  const depth = lines[at]?.depth ?? 0
  for (let above = at - 1; above >= 0; above--)
    if ((lines[above]?.depth ?? 0) < depth) return lines[above]?.folderId ?? null
  return rootId
}

/** Behind everything below the parent's line; at the end where the parent has none. */
function insertBelow(lines: readonly DraftLine[], line: DraftLine, parentId: FolderId | null): DraftLine[] {
  const at = parentId === null ? -1 : lines.findIndex(other => other.folderId === parentId)
  if (at < 0) return [...lines, { ...line, depth: 0 }]
  const end = branchEnd(lines, at)
  return [...lines.slice(0, end), { ...line, depth: (lines[at]?.depth ?? 0) + 1 }, ...lines.slice(end)]
}

function moveBelow(lines: readonly DraftLine[], at: number, parentId: FolderId | null): DraftLine[] {
  const end = branchEnd(lines, at)
  const branch = lines.slice(at, end)
  const rest = [...lines.slice(0, at), ...lines.slice(end)]
  const parent = parentId === null ? -1 : rest.findIndex(other => other.folderId === parentId)
  const depth = parent < 0 ? 0 : (rest[parent]?.depth ?? 0) + 1
  const by = depth - (branch[0]?.depth ?? 0)
  const into = parent < 0 ? rest.length : branchEnd(rest, parent)
  return [...rest.slice(0, into), ...branch.map(line => ({ ...line, depth: line.depth + by })), ...rest.slice(into)]
}
