// What is chosen beside the words: values of each group widen (any of them), groups narrow (all of them),
// and each value can be turned to "without". Written in URLs as a list with "-" before what is left out.

import type { FolderId, MeaningId, TagId } from '../ids'
import type { Origin } from '../rows/index'
import type { Language } from '../text/index'
import type { Filed, Rule, TimeField, TimeUnit } from './rule'
import type { SizeClass } from './sizes'
import { SIZE_CLASSES } from './sizes'
import type { TypeGroup } from './types'

export interface Chosen<T> {
  readonly any: readonly T[]
  readonly without: readonly T[]
}

/** A span of time: two days, or up to now. */
export interface Span {
  readonly field: TimeField
  /** ISO 8601; null leaves a side open. */
  readonly from: string | null
  readonly before: string | null
  /** The last so many; it goes before the two days. */
  readonly last: { readonly count: number; readonly unit: TimeUnit } | null
}

export interface FacetSelection {
  readonly types: Chosen<TypeGroup>
  /** With everything below; "in-tray". */
  readonly places: Chosen<FolderId | 'in-tray'>
  readonly meanings: Chosen<MeaningId | 'none'>
  /** All of them. */
  readonly tags: Chosen<TagId>
  readonly origins: Chosen<Origin>
  readonly filed: Chosen<Filed>
  readonly sizes: Chosen<SizeClass>
  readonly languages: Chosen<Language | 'none'>
  readonly span: Span | null
  /** null: starred or not. */
  readonly starred: boolean | null
}

export type FacetGroup = keyof FacetSelection

const NONE = { any: [], without: [] } as const
export const NO_FACETS: FacetSelection = {
  types: NONE,
  places: NONE,
  meanings: NONE,
  tags: NONE,
  origins: NONE,
  filed: NONE,
  sizes: NONE,
  languages: NONE,
  span: null,
  starred: null,
}
export const NARROWING_GROUPS = Object.keys(NO_FACETS) as FacetGroup[]

/** The rules of what narrows a search; `but` leaves one group out. */
export function facetRules(facets: FacetSelection, but: FacetGroup | null = null): Rule[] {
  const { types, places, meanings, tags, origins, filed, sizes, languages, span, starred } =
    but === null ? facets : without(facets, but)
  return [
    ...chosen(types, anyOf => ({ kind: 'type', anyOf })),
    ...chosen(places, all =>
      some(all.map((id): Rule => ({ kind: 'place', folderId: id === 'in-tray' ? null : id, below: true }))),
    ),
    ...chosen(meanings, all => ({ kind: 'meaning', anyOf: all.map(id => (id === 'none' ? null : id)) })),
    ...tags.any.map((id): Rule => ({ kind: 'tag', anyOf: [id] })),
    ...chosen({ any: [], without: tags.without }, anyOf => ({ kind: 'tag', anyOf })),
    ...chosen(origins, anyOf => ({ kind: 'origin', anyOf })),
    ...chosen(filed, anyOf => ({ kind: 'filed', anyOf })),
    ...chosen(sizes, all =>
      some(
        all.map((name): Rule => ({ kind: 'size', from: SIZE_CLASSES[name].from, before: SIZE_CLASSES[name].before })),
      ),
    ),
    ...chosen(languages, all =>
      some([...known(all), ...(all.includes('none') ? [{ kind: 'empty', field: 'language' } as const] : [])]),
    ),
    ...(span === null ? [] : [spanRule(span)]),
    ...(starred === null ? [] : [{ kind: 'star', on: starred } as const]),
  ]
}

/** As if nothing were chosen in this group. */
export function without(facets: FacetSelection, group: FacetGroup): FacetSelection {
  const changed: Record<string, unknown> = { ...facets, [group]: NO_FACETS[group] }
  return changed as unknown as FacetSelection // the same keys with values of their own types
}

function known(all: readonly (Language | 'none')[]): Rule[] {
  const anyOf = all.filter(language => language !== 'none')
  return anyOf.length === 0 ? [] : [{ kind: 'language', anyOf }]
}

function spanRule({ field, from, before, last }: Span): Rule {
  return last === null ? { kind: 'time', field, from, before } : { kind: 'recent', field, ...last }
}

function chosen<T>({ any, without }: Chosen<T>, rule: (values: readonly T[]) => Rule): Rule[] {
  return [
    ...(any.length > 0 ? [rule(any)] : []),
    ...(without.length > 0 ? [{ kind: 'none', rules: [rule(without)] } as const] : []),
  ]
}

function some(rules: readonly Rule[]): Rule {
  const [only] = rules
  return rules.length === 1 && only ? only : { kind: 'any', rules }
}

/** "pdf,-mail" → any: pdf, without: mail; what `is` refuses is left out. */
export function readChosen<T extends string>(text: string, is: (value: string) => value is T): Chosen<T> {
  const any: T[] = []
  const leftOut: T[] = []
  for (const part of text.split(',')) {
    const [into, value] = part.startsWith('-') ? [leftOut, part.slice(1)] : [any, part]
    if (is(value) && !any.includes(value) && !leftOut.includes(value)) into.push(value)
  }
  return { any, without: leftOut }
}

export function writeChosen<T extends string>({ any, without }: Chosen<T>): string {
  return [...any, ...without.map(value => `-${value}`)].join(',')
}
