// What is chosen beside the words, facet by facet (./fields/facet), and the rules that it stands for.

import type { FacetKey, FacetSelection } from './fields/registry'
import { FACETS } from './fields/registry'
import type { Rule } from './rule'

export type { FacetKey, FacetSelection } from './fields/registry'

type Parts = (param: string) => string

// The keys of the facets with values of their own types.
const selectionOf = (value: (facet: (typeof FACETS)[number]) => unknown) =>
  Object.fromEntries(FACETS.map(facet => [facet.key, value(facet)])) as unknown as FacetSelection

export const NO_FACETS: FacetSelection = selectionOf(({ none }) => none)
export const FACET_KEYS: readonly FacetKey[] = FACETS.map(({ key }) => key)

/** The rules of what narrows a search. */
export function facetRules(selection: FacetSelection): Rule[] {
  return FACETS.flatMap(facet => facet.rules(selection[facet.key])) as Rule[] // facets name rules of fields only
}

/** The rules of one facet alone. */
export function rulesOfFacet(selection: FacetSelection, key: FacetKey): Rule[] {
  return facetRules({ ...NO_FACETS, [key]: selection[key] })
}

/** As if nothing were chosen in this facet. */
export function withoutFacet(selection: FacetSelection, key: FacetKey): FacetSelection {
  return { ...selection, [key]: NO_FACETS[key] }
}

/** From the parts of a URL, empty where there is none; values that are not known are passed over. */
export function readFacets(text: Parts): FacetSelection {
  return selectionOf(facet => facet.read(text))
}

/** As the parts of a URL, empty where nothing is chosen. */
export function printFacets(selection: FacetSelection): Record<string, string> {
  return Object.assign({}, ...FACETS.map(facet => facet.print(selection[facet.key]))) as Record<string, string>
}
