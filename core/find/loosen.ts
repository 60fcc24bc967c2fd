// A search that finds nothing asks for one thing too many. These are the searches that ask for one thing less.

import { wordsOf } from '../text/index'
import type { Asked } from './asked'
import { asksOnlyWithout, isNarrowed } from './asked'
import type { NarrowingGroup } from './narrowing'
import { NARROWING_GROUPS, narrowingRules, NOT_NARROWED } from './narrowing'
import type { Piece } from './parse'
import { piecesOf } from './parse'

/** What is no longer asked: that the words of a phrase stand together, that a word is there or is not, one group of what narrows, the rules. */
export type Loosening =
  | { readonly kind: 'apart' | 'word' | 'leftOut'; readonly text: string }
  | { readonly kind: 'group'; readonly group: NarrowingGroup }
  | { readonly kind: 'rules' }

export const LOOSENINGS = ['apart', 'word', 'leftOut', 'group', 'rules'] as const satisfies readonly Loosening['kind'][]

export interface Loosened { readonly what: Loosening; readonly asked: Asked }

/** At most so many are offered; of a long text the first. */
export const LOOSENED_MOST = 12

/** The searches that ask for one thing less, in the order in which it is asked; none that would ask for nothing. */
export function loosened(asked: Asked): Loosened[] {
  const words = piecesOf(asked.q).flatMap(piece => fewerWords(asked.q, piece)).map(({ what, q }) => ({ what, asked: { ...asked, q } }))
  const groups = NARROWING_GROUPS.filter(group => narrowingRules({ ...NOT_NARROWED, [group]: asked.narrowing[group] }).length > 0)
    .map(group => ({ what: { kind: 'group', group } as const, asked: { ...asked, narrowing: { ...asked.narrowing, [group]: NOT_NARROWED[group] } } }))
  const rules: Loosened[] = asked.rule === null ? [] : [{ what: { kind: 'rules' }, asked: { ...asked, rule: null } }]
  return [...words, ...groups, ...rules].filter(one => asksSomething(one.asked)).slice(0, LOOSENED_MOST)
}

function fewerWords(q: string, { from, to, phrase, isWithout, inside }: Piece): { what: Loosening; q: string }[] {
  const count = wordsOf(inside).length
  if (count === 0) return []
  const without = { what: { kind: isWithout ? 'leftOut' : 'word', text: inside }, q: joined(q.slice(0, from), q.slice(to)) } as const
  return phrase && !isWithout && count > 1 ? [{ what: { kind: 'apart', text: inside }, q: joined(q.slice(0, from), inside, q.slice(to)) }, without] : [without]
}

const joined = (...parts: readonly string[]): string => parts.map(part => part.trim()).filter(part => part !== '').join(' ')

function asksSomething(asked: Asked): boolean {
  return isNarrowed(asked) || (wordsOf(asked.q).length > 0 && !asksOnlyWithout(asked))
}
