// Every field that a search can be about, in the order in which the row of a rule offers them. A new field is a file
// beside this one and a line here.

import { addedField } from './added'
import { authorField } from './author'
import { changedField } from './changed'
import { datedField } from './dated'
import { emptyField } from './empty'
import type { Empty, Field, Marks } from './field'
import type { Facet } from './facet'
import { filedField } from './filed'
import { formatField } from './format'
import { insideField } from './inside'
import { languageField } from './language'
import { meaningField } from './meaning'
import { nameField } from './name'
import { numberField } from './number'
import { openedField } from './opened'
import { originField } from './origin'
import { placeField } from './place'
import { readingField } from './reading'
import { remarkField } from './remark'
import { senderField } from './sender'
import { sizeField } from './size'
import { spanFacet } from './span'
import { starField } from './star'
import { starredSinceField } from './starredSince'
import { tagField } from './tag'
import { twinField } from './twin'
import { typeField } from './type'
import { wordsField } from './words'

const VALUE_FIELDS = [
  wordsField,
  insideField,
  nameField,
  typeField,
  formatField,
  placeField,
  meaningField,
  tagField,
  changedField,
  addedField,
  openedField,
  datedField,
  sizeField,
  senderField,
  authorField,
  remarkField,
  numberField,
  starField,
  starredSinceField,
  originField,
  filedField,
  languageField,
  readingField,
  twinField,
] as const

type ValueField = (typeof VALUE_FIELDS)[number]
type RuleOf<F> = F extends { fresh(): infer R } ? R : never
type SeenBy<F> = F extends { matches(rule: never, document: infer D, context: never): boolean } ? D : never
type Both<U> = (U extends unknown ? (one: U) => void : never) extends (all: infer I) => void ? I : never
type EmptyKey<F> = F extends { readonly empty?: Empty<infer K, never> } ? K : never

type ValueRule = RuleOf<ValueField>
/** What a document shows to a search: what any of the fields looks at. Texts are folded (core/text). */
export type SearchableDocument = Both<SeenBy<ValueField>>
type EmptyKeys = EmptyKey<ValueField>

const EMPTIES = VALUE_FIELDS.map(field => field.empty).filter(empty => empty !== undefined)

/** How the database says what is seen of a document (tables `s` and `d`, values as in JSON). */
const COLUMNS = Object.assign({}, ...VALUE_FIELDS.map(({ columns }) => columns)) as Readonly<
  Record<keyof SearchableDocument, string>
>

export type LeafRule = ValueRule | RuleOf<ReturnType<typeof emptyField<EmptyKeys, SearchableDocument>>>

type AnyField = Field<LeafRule, SearchableDocument> & Marks<Facet<string, unknown>, string, SearchableDocument>
export const FIELDS: readonly AnyField[] = [
  ...VALUE_FIELDS,
  emptyField<EmptyKeys, SearchableDocument>(EMPTIES, COLUMNS),
]

type OwnFacet<F> = F extends { readonly facet?: infer T } ? (T extends Facet<string, unknown> ? T : never) : never
type AnyFacet = OwnFacet<ValueField> | typeof spanFacet

export type FacetKey = AnyFacet['key']
/** What is chosen beside the words, facet by facet. */
export type FacetSelection = { readonly [K in FacetKey]: Extract<AnyFacet, { readonly key: K }>['none'] }

const facets: readonly (Facet<string, unknown> | undefined)[] = [...FIELDS.map(({ facet }) => facet), spanFacet]
/** In the order in which the panel shows them. */
export const FACETS = facets
  .filter((facet): facet is Facet<FacetKey, unknown> => facet !== undefined)
  .sort((a, b) => a.order - b.order)

const byRule = new Map(FIELDS.flatMap(field => field.rules.map(rule => [rule, field] as const)))

/** The field that a rule, or a value that may be one, is about; undefined where there is none. */
export function fieldOf(rule: { readonly kind?: unknown; readonly field?: unknown }) {
  return byRule.get(String(rule.kind)) ?? byRule.get(`${String(rule.kind)}:${String(rule.field)}`)
}
