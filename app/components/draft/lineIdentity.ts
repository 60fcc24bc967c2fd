// Which line of the editor stands for which folder. Lines carry their folder through every edit and
// through undo; a line that is deleted lets go of it.

import { invertedEffects } from '@codemirror/commands'
import type { Extension, Transaction } from '@codemirror/state'
import { MapMode, StateEffect, StateField } from '@codemirror/state'
import type { FolderId } from '../../../core/ids'

export type Identities = readonly (FolderId | null)[]

/** Says the folders of all lines at once; taken where it fits the number of lines. */
export const setIdentities = StateEffect.define<Identities>()

export const identities = StateField.define<Identities>({
  create: state => Array.from({ length: state.doc.lines }, () => null),
  update(ids, transaction) {
    const given = transaction.effects
      .flatMap(effect =>
        effect.is(setIdentities) && effect.value.length === transaction.newDoc.lines ? [effect.value] : [],
      )
      .at(-1)
    if (given) return given
    return transaction.docChanged ? carried(ids, transaction) : ids
  },
})

export const lineIdentity: Extension = [
  identities,
  invertedEffects.of(transaction => {
    const before = transaction.startState.field(identities)
    return transaction.docChanged && before !== transaction.state.field(identities) ? [setIdentities.of(before)] : []
  }),
]

function carried(ids: Identities, transaction: Transaction): Identities {
  const { changes, newDoc } = transaction
  const oldDoc = transaction.startState.doc
  if (oldDoc.lines === newDoc.lines && staysInLines(transaction)) return ids
  const next: (FolderId | null)[] = Array.from({ length: newDoc.lines }, () => null)
  const written: { id: FolderId; line: number }[] = []
  ids.forEach((id, index) => {
    if (id === null) return
    const line = oldDoc.line(index + 1)
    const anchor = line.from + (/^\t*/.exec(line.text)?.[0].length ?? 0)
    const at = newDoc.lineAt(changes.mapPos(anchor, 1)).number - 1
    if (anchor < line.to && changes.mapPos(anchor, 1, MapMode.TrackAfter) !== null) next[at] ??= id
    else if (endStays(transaction, line.from, line.to))
      written.push({ id, line: newDoc.lineAt(changes.mapPos(line.from, -1)).number - 1 })
  })
  // Lines whose words were replaced while the line itself stayed.
  for (const { id, line } of written) if (!next.includes(id)) next[line] ??= id
  return next
}

function staysInLines(transaction: Transaction): boolean {
  let inside = true
  transaction.changes.iterChanges((fromA, toA, _fromB, _toB, inserted) => {
    if (inserted.lines > 1 || transaction.startState.doc.lineAt(fromA).to < toA) inside = false
  })
  return inside
}

/** True when the line break that ends the line (or, for the last line, the one before it) is still there. */
function endStays(transaction: Transaction, from: number, to: number): boolean {
  const { changes, startState } = transaction
  if (to < startState.doc.length) return changes.mapPos(to, 1, MapMode.TrackAfter) !== null
  return from === 0 || changes.mapPos(from, -1, MapMode.TrackBefore) !== null
}
