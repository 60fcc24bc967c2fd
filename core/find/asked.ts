// A whole search as it stands in a URL and is kept under a name: words, what narrows them, rules, order.

import { storableTime } from '../dates/index'
import { tryParseId } from '../ids'
import type { FolderId, MeaningId, TagId } from '../ids'
import { ORIGINS } from '../rows/index'
import { LANGUAGES } from '../text/index'
import type { Narrowing, Span } from './narrowing'
import { narrowingRules, NOT_NARROWED, readChosen, writeChosen } from './narrowing'
import type { FoundGroup, FoundSort } from './order'
import { FOUND_GROUPS, FOUND_SORTS } from './order'
import { isOnlyWithout, parseQuery } from './parse'
import { tryReadRule } from './readRule'
import type { Rule } from './rule'
import { FILED, isGroup, TIME_FIELDS, TIME_UNITS } from './rule'
import { isSizeClass } from './sizes'
import { isTypeGroup } from './types'

export interface Asked {
  readonly q: string
  readonly narrowing: Narrowing
  /** Made by pointing, or typed in braces; null: none. */
  readonly rule: Rule | null
  readonly sort: FoundSort
  readonly descending: boolean
  readonly group: FoundGroup
}

export const NOTHING_ASKED: Asked = { q: '', narrowing: NOT_NARROWED, rule: null, sort: 'best', descending: true, group: 'none' }

export type ReadAsked = { readonly ok: true; readonly asked: Asked } | { readonly ok: false; readonly why: string }

type Query = Readonly<Record<string, unknown>>

/** From the parts of a URL. Values that are not known are passed over; a broken rule is said. */
export function readAsked(query: Query): ReadAsked {
  const text = (name: string) => (typeof query[name] === 'string' ? query[name] : '')
  const rule = text('rule') === '' ? null : readRuleText(text('rule'))
  if (rule !== null && !rule.ok) return rule
  const sort = FOUND_SORTS.find(name => name === text('sort')) ?? 'best'
  return {
    ok: true,
    asked: {
      q: text('q'),
      narrowing: {
        types: readChosen(text('types'), isTypeGroup),
        places: readChosen(text('places'), (id): id is FolderId | 'in-tray' => id === 'in-tray' || tryParseId(id) !== null),
        meanings: readChosen(text('colours'), (id): id is MeaningId | 'none' => id === 'none' || tryParseId(id) !== null),
        tags: readChosen(text('tags'), (id): id is TagId => tryParseId(id) !== null),
        origins: readChosen(text('ways'), oneOf(ORIGINS)),
        filed: readChosen(text('filed'), oneOf(FILED)),
        sizes: readChosen(text('sizes'), isSizeClass),
        languages: readChosen(text('languages'), oneOf([...LANGUAGES, 'none'] as const)),
        span: spanIn(text),
        starred: { yes: true, no: false }[text('star')] ?? null,
      },
      rule: rule?.rule ?? null,
      sort,
      descending: text('dir') === '' ? DOWN_FIRST.has(sort) : text('dir') === 'down',
      group: FOUND_GROUPS.find(name => name === text('group')) ?? 'none',
    },
  }
}

/** Sorts that begin with the most: best, newest, largest. */
const DOWN_FIRST: ReadonlySet<FoundSort> = new Set(['best', 'changed', 'added', 'opened', 'dated', 'size'])

/** Whether a sort begins with the most unless it is turned. */
export function beginsDown(sort: FoundSort): boolean {
  return DOWN_FIRST.has(sort)
}

function oneOf<T extends string>(all: readonly T[]) {
  return (value: string): value is T => (all as readonly string[]).includes(value)
}

function readRuleText(text: string) {
  try {
    return tryReadRule(JSON.parse(text) as unknown)
  }
  catch (error) {
    if (error instanceof SyntaxError) return { ok: false, why: 'it is cut off or damaged' } as const
    throw error
  }
}

function spanIn(text: (name: string) => string): Span | null {
  const field = TIME_FIELDS.find(name => name === text('when')) ?? 'changed'
  const [, count, unit] = /^(\d{1,4})-(day|week|month)$/.exec(text('last')) ?? []
  const [from, before] = [storableTime(text('from')), storableTime(text('before'))]
  const last = count === undefined ? null : { count: Number(count), unit: TIME_UNITS.find(name => name === unit) ?? 'day' }
  return last === null && from === null && before === null && text('when') === '' ? null : { field, from, before, last }
}

/** As the parts of a URL; what says nothing is left out. */
export function writeAsked(asked: Asked): Record<string, string> {
  const { narrowing: { types, places, meanings, tags, origins, filed, sizes, languages, span, starred }, rule } = asked
  const parts: Record<string, string> = {
    q: asked.q, types: writeChosen(types), places: writeChosen(places), colours: writeChosen(meanings), tags: writeChosen(tags), ways: writeChosen(origins), filed: writeChosen(filed),
    sizes: writeChosen(sizes), languages: writeChosen(languages), star: starred === null ? '' : starred ? 'yes' : 'no',
    when: span === null ? '' : span.field, last: span?.last ? `${span.last.count}-${span.last.unit}` : '', from: span?.from ?? '', before: span?.before ?? '',
    rule: rule === null ? '' : JSON.stringify(rule), sort: asked.sort === 'best' ? '' : asked.sort,
    dir: asked.descending === beginsDown(asked.sort) ? '' : asked.descending ? 'down' : 'up', group: asked.group === 'none' ? '' : asked.group,
  }
  return Object.fromEntries(Object.entries(parts).filter(([, value]) => value !== ''))
}

/** All of it as one rule; while it is typed, the last word is a beginning. */
export function ruleOf(asked: Pick<Asked, 'q' | 'narrowing' | 'rule'>, { typing }: { readonly typing: boolean }): Rule {
  const words = parseQuery(asked.q, { typing })
  return { kind: 'all', rules: [...(isGroup(words) ? words.rules : [words]), ...narrowingRules(asked.narrowing), ...(asked.rule === null ? [] : [asked.rule])] }
}

/** Whether anything but words is asked. */
export function isNarrowed({ narrowing, rule }: Pick<Asked, 'narrowing' | 'rule'>): boolean {
  return rule !== null || narrowingRules(narrowing).some(part => part.kind !== 'time' || part.from !== null || part.before !== null)
}

/** Whether words are only left out and nothing else is asked: it would list almost everything. */
export function asksOnlyWithout(asked: Pick<Asked, 'q' | 'narrowing' | 'rule'>): boolean {
  return !isNarrowed(asked) && isOnlyWithout(parseQuery(asked.q, { typing: false }))
}
