// The part of the panel that shows a facet, for each way in which one can be shown (core/find/fields/facet).

import type { Component } from 'vue'
import type { FoundCounts } from '../../../../contract/find'
import type { FACETS, Panel } from '../../../../core/find/index'
import MeaningsFacet from './MeaningsFacet.vue'
import PlacesFacet from './PlacesFacet.vue'
import SpanFacet from './SpanFacet.vue'
import StarFacet from './StarFacet.vue'
import TagsFacet from './TagsFacet.vue'
import ValuesFacet from './ValuesFacet.vue'

/** What each of them is given; it emits `choose` with the selection that is to take the place of `selection`. */
export interface FacetProps<S> {
  readonly facet: (typeof FACETS)[number]
  readonly selection: S
  /** null: not known yet, or nothing is searched for. */
  readonly counts: FoundCounts | null
}

export const PANELS: Readonly<Record<Panel, Component>> = {
  values: ValuesFacet,
  places: PlacesFacet,
  meanings: MeaningsFacet,
  tags: TagsFacet,
  span: SpanFacet,
  star: StarFacet,
}
