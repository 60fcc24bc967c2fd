// Acts on lines with everything below them: in, out, up, down, to another place, pasting an outline.

import type { EditorState, TransactionSpec } from '@codemirror/state'
import type { Command, EditorView } from '@codemirror/view'
import type { DraftLine } from '../../../core/draft/index'
import { branchEnd, linesOf, outlineText, readOutline } from '../../../core/draft/index'
import { identities, setIdentities } from './lineIdentity'

export function linesIn(state: EditorState): DraftLine[] {
  return linesOf(state.doc.toString(), state.field(identities))
}

/** First and one past the last line of the selection, with what lies below. */
function selectedLines(state: EditorState, lines: readonly DraftLine[]): { from: number; to: number } {
  const { main } = state.selection
  const from = state.doc.lineAt(main.from).number - 1
  let to = state.doc.lineAt(main.to).number
  for (let at = from; at < to; at++) to = Math.max(to, branchEnd(lines, at))
  return { from, to }
}

/** Replaces all lines at once; the cursor goes to `cursor.line`, at the same distance from the line's end. */
function replaceLines(
  state: EditorState,
  lines: readonly DraftLine[],
  cursorLine: number,
  userEvent: string,
): TransactionSpec {
  const text = outlineText(lines)
  const old = state.doc.lineAt(state.selection.main.head)
  const fromEnd = old.to - state.selection.main.head
  const before = lines.slice(0, cursorLine + 1).reduce((sum, line) => sum + line.depth + line.text.length + 1, -1)
  return {
    ...smallestChange(state, text),
    selection: { anchor: Math.max(0, before - fromEnd) },
    effects: setIdentities.of(lines.map(line => line.folderId)),
    userEvent,
    scrollIntoView: true,
  }
}

/** The change from the present text to the next, without what is the same at both ends. */
function smallestChange(state: EditorState, next: string): TransactionSpec {
  const present = state.doc.toString()
  let from = 0
  while (from < present.length && from < next.length && present[from] === next[from]) from++
  let end = 0
  while (
    end < present.length - from &&
    end < next.length - from &&
    present[present.length - 1 - end] === next[next.length - 1 - end]
  )
    end++
  return { changes: { from, to: present.length - end, insert: next.slice(from, next.length - end) } }
}

function shift(by: 1 | -1): Command {
  return view => {
    const lines = linesIn(view.state)
    const { from, to } = selectedLines(view.state, lines)
    const first = lines[from]
    if (!first) return true
    const above = lines
      .slice(0, from)
      .reverse()
      .find(line => line.text.trim() !== '')
    const may = by === 1 ? above !== undefined && first.depth <= above.depth : first.depth > 0
    if (!may) return true
    const { head, anchor } = view.state.selection.main
    const changes = []
    for (let at = from; at < to; at++) {
      const line = view.state.doc.line(at + 1)
      if (by === 1) changes.push({ from: line.from, insert: '\t' })
      else if (line.text.startsWith('\t')) changes.push({ from: line.from, to: line.from + 1 })
    }
    const set = view.state.changes(changes)
    view.dispatch({
      changes: set,
      selection: { anchor: set.mapPos(anchor, 1), head: set.mapPos(head, 1) },
      userEvent: by === 1 ? 'input.indent' : 'delete.dedent',
    })
    return true
  }
}
export const indentBranch = shift(1)
export const outdentBranch = shift(-1)

function swap(direction: 1 | -1): Command {
  return view => {
    const lines = linesIn(view.state)
    const from = view.state.doc.lineAt(view.state.selection.main.head).number - 1
    const depth = lines[from]?.depth ?? 0
    const end = branchEnd(lines, from)
    if (direction === -1) {
      let before = from - 1
      while (before > 0 && ((lines[before]?.depth ?? 0) > depth || lines[before]?.text.trim() === '')) before--
      if (before < 0 || lines[before]?.depth !== depth) return true
      view.dispatch(
        replaceLines(
          view.state,
          [...lines.slice(0, before), ...lines.slice(from, end), ...lines.slice(before, from), ...lines.slice(end)],
          before,
          'move.line',
        ),
      )
      return true
    }
    if (lines[end]?.depth !== depth) return true
    const next = branchEnd(lines, end)
    view.dispatch(
      replaceLines(
        view.state,
        [...lines.slice(0, from), ...lines.slice(end, next), ...lines.slice(from, end), ...lines.slice(next)],
        from + next - end,
        'move.line',
      ),
    )
    return true
  }
}
export const moveBranchUp = swap(-1)
export const moveBranchDown = swap(1)

/** Puts the branch of line `from` before line `before` (or at the end) with the given depth. */
export function moveBranchTo(view: EditorView, from: number, before: number, depth: number): void {
  const lines = linesIn(view.state)
  const end = branchEnd(lines, from)
  if (before > from && before < end) return
  const by = depth - (lines[from]?.depth ?? 0)
  const branch = lines.slice(from, end).map(line => ({ ...line, depth: Math.max(0, line.depth + by) }))
  const at = before >= end ? before - (end - from) : before
  const rest = [...lines.slice(0, from), ...lines.slice(end)]
  view.dispatch(replaceLines(view.state, [...rest.slice(0, at), ...branch, ...rest.slice(at)], at, 'move.line'))
}

/** Lays lines in behind the line of the cursor and what is below it (in its place, when it is empty), at its depth. */
export function insertLines(view: EditorView, inserted: readonly DraftLine[]): void {
  const lines = linesIn(view.state)
  const at = view.state.doc.lineAt(view.state.selection.main.head).number - 1
  const here = lines[at]
  const isEmpty = !here || here.text.trim() === ''
  const depth = here?.depth ?? 0
  const laid = inserted.map(line => ({ ...line, depth: line.depth + depth }))
  const into = isEmpty ? at : branchEnd(lines, at)
  const next = [...lines.slice(0, into), ...laid, ...lines.slice(isEmpty ? at + 1 : into)]
  view.dispatch(replaceLines(view.state, next, into + laid.length - 1, 'input.paste'))
}

/** Takes a pasted outline of several lines as lines of the draft; one line is pasted as it is. */
export function pasteOutline(view: EditorView, text: string): boolean {
  if (!/[\r\n]/.test(text.trim())) return false
  insertLines(view, readOutline(text))
  return true
}
