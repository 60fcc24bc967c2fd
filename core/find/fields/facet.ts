// What narrows a search, beside its words: values of a group widen (any of them), groups narrow (all of them), and
// each value can be turned to "without". Written in URLs as a list with "-" before what is left out.

import type { FolderId, MeaningId } from '../../ids'
import type { FieldRule, Grouped } from './grouped'

export interface Chosen<T> {
  readonly any: readonly T[]
  readonly without: readonly T[]
}

const NONE_CHOSEN = { any: [], without: [] } as const

/** Documents of one place and colour: null is the In-tray, and the colour of the folder. */
export interface PlaceCount {
  /** The home first. */
  readonly folderIds: readonly FolderId[]
  readonly meaningId: MeaningId | null
  readonly count: number
}

export interface PlaceFacts {
  readonly places: readonly PlaceCount[]
  readonly meaningOf: (id: FolderId) => MeaningId | null
  /** So many documents by folder, each with everything below it; in several places below, they count once. */
  readonly totals: () => Iterable<readonly [string, number]>
}

/** How the documents of each value are counted. */
export type Count<S> =
  /** By an expression over search_row `s`; null is not counted. `alias` is shared by facets that count the same. */
  | {
      readonly by: 'value'
      readonly alias: string
      select(selection: S): string
      /** What is made of the grouped value in the end, over `alias`. */
      readonly show?: string
      /** What the value counts for; several may count for one. */
      of?(value: string): string
      /** Only the most frequent are told. */
      readonly most?: number
    }
  /** By a statement over the found documents `m`, that gives rows of (value, number). */
  | { readonly by: 'rows'; readonly sql: string }
  | { readonly by: 'place'; of(facts: PlaceFacts): Iterable<readonly [string, number]> }

/** How the panel shows it: as values with boxes, or by a part of its own (app/components/find/facets). */
export type Panel = 'values' | 'places' | 'meanings' | 'tags' | 'span' | 'star'

export interface Facet<K extends string, S> {
  readonly key: K
  /** Stands above it in the panel. */
  readonly name: string
  readonly panel: Panel
  /** Where it stands in the panel, from above. */
  readonly order: number
  /** What a search without it is, in words: "of any type". */
  readonly relaxed: string
  /** Its names in the URL, in the order in which they stand there. */
  readonly params: readonly string[]
  readonly none: S
  /** `text` gives a part of the URL, empty where there is none. Values that are not known are passed over. */
  read(text: (param: string) => string): S
  print(selection: S): Readonly<Record<string, string>>
  rules(selection: S): readonly Grouped<FieldRule>[]
  readonly count: Count<S>
  /** Choosing a second value widens: it is counted as if it did not narrow. */
  readonly widens: boolean
  /** All values, each with what it is called; null: those that are counted. */
  readonly values?: readonly { readonly value: string; readonly text: string }[] | null
  /** What is chosen for a counted value, where that is another text. */
  chosenFor?(counted: string): string
  /** What a counted value is called, where values are not listed. */
  labelOf?(counted: string): string
}

/** A facet of values with boxes: any of those chosen, none of those left out. */
export function valuesFacet<const K extends string, V extends string>(facet: {
  readonly key: K
  readonly name: string
  readonly panel?: Panel
  readonly order: number
  readonly relaxed: string
  readonly param: string
  readonly isValue: (text: string) => text is V
  readonly rule: (values: readonly V[]) => Grouped<FieldRule>
  /** Where all of the values have to be there. */
  readonly all?: boolean
  readonly count: Count<Chosen<V>>
  readonly values?: Facet<K, Chosen<V>>['values']
  readonly chosenFor?: (counted: string) => string
  readonly labelOf?: (counted: string) => string
}): Facet<K, Chosen<V>> {
  const { param, isValue, rule, all = false, panel = 'values', ...rest } = facet
  return {
    ...rest,
    panel,
    params: [param],
    none: NONE_CHOSEN,
    widens: !all,
    read: text => readChosen(text(param), isValue),
    print: selection => ({ [param]: writeChosen(selection) }),
    rules: ({ any, without }) => [
      ...(any.length === 0 ? [] : all ? any.map(value => rule([value])) : [rule(any)]),
      ...(without.length > 0 ? [{ kind: 'none', rules: [rule(without)] } as const] : []),
    ],
  }
}

/** "pdf,-mail" → any: pdf, without: mail; what `is` refuses is left out. */
function readChosen<T extends string>(text: string, is: (value: string) => value is T): Chosen<T> {
  const any: T[] = []
  const leftOut: T[] = []
  for (const part of text.split(',')) {
    const [into, value] = part.startsWith('-') ? [leftOut, part.slice(1)] : [any, part]
    if (is(value) && !any.includes(value) && !leftOut.includes(value)) into.push(value)
  }
  return { any, without: leftOut }
}

function writeChosen<T extends string>({ any, without }: Chosen<T>): string {
  return [...any, ...without.map(value => `-${value}`)].join(',')
}
