// The list of keys of a page, made from the acts that hold there: nothing in it is written by hand.

import { LAYING_KEYS, OUTLINE_KEYS } from '../composables/outlineKeys'
import { LIST_KEYS, TYPING_JUMPS } from '../composables/listKeys'
import { useKeys } from '../stores/keys'
import { shownKey } from '../stores/keyText'
import { PAGES, pageOf } from '../stores/pages'
import type { PageWithActs } from './onPages'
import { PAGE_ACTS, pageActsOf } from './onPages'
import { PLACE_ACTS, PLAIN_ACTS, THING_ACTS } from './registry'

export interface KeyPart {
  readonly head: string
  readonly keys: readonly { readonly id: string; readonly key: string; readonly what: string }[]
}

interface Named {
  readonly id: string
  readonly title: string
  readonly key?: string
  readonly also?: readonly string[]
}

/** `routeName` is the page's; parts without a key are left out. */
export function keyPartsOf(routeName: unknown): readonly KeyPart[] {
  const page = pageOf(routeName)
  const has = (what: 'things' | 'place' | 'list') => page?.has?.includes(what) ?? false
  return [
    { head: 'Here', keys: linesOf(isWithActs(routeName) ? pageActsOf(routeName) : []) },
    { head: 'On what is chosen', keys: linesOf(has('things') ? THING_ACTS : []) },
    { head: 'In the open place', keys: linesOf(has('place') ? PLACE_ACTS : []) },
    { head: 'In the outline', keys: has('place') || page?.tab === 'Plan' ? OUTLINE_LINES : [] },
    { head: 'In lists', keys: has('list') ? LIST_LINES : [] },
    { head: 'Everywhere', keys: linesOf(PLAIN_ACTS) },
  ].filter(({ keys }) => keys.length > 0)
}

const isWithActs = (routeName: unknown): routeName is PageWithActs =>
  typeof routeName === 'string' && routeName in PAGES && routeName in PAGE_ACTS

const tableLines = (table: Readonly<Record<string, string>>) =>
  Object.entries(table).map(([key, what]) => ({ id: key, key: shownKey(key), what }))
const OUTLINE_LINES = tableLines({ ...OUTLINE_KEYS, ...LAYING_KEYS })
const LIST_LINES = [...tableLines(LIST_KEYS), { id: 'letters', key: 'letters', what: TYPING_JUMPS }]

function linesOf(acts: readonly Named[]): KeyPart['keys'] {
  const { keysOf } = useKeys()
  return acts.flatMap(act => {
    const keys = keysOf(act)
    return keys.length === 0 ? [] : [{ id: act.id, key: keys.map(shownKey).join(', '), what: act.title }]
  })
}

/** Every act that can be given a key, with where it holds. */
export function keyedActs(): readonly (Named & { readonly where: string })[] {
  const placed = (where: string, acts: readonly Named[]) => acts.map(act => ({ ...act, where }))
  return [
    ...placed('on what is chosen', THING_ACTS),
    ...placed('in the open place', PLACE_ACTS),
    ...placed('everywhere', PLAIN_ACTS),
    ...(Object.keys(PAGE_ACTS) as PageWithActs[]).flatMap(page =>
      placed(`on the page ${PAGES[page].title}`, pageActsOf(page)),
    ),
  ]
}

/** The key of an act as it is now, as it is shown; empty: none. */
export function keyOfAct(id: string): string {
  const act = keyedActs().find(one => one.id === id)
  return act ? shownKey(useKeys().keysOf(act)[0] ?? '') : ''
}
