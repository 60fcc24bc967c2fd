// The part of the panel that shows a facet, for each way in which one can be shown (core/find/fields/facet).

import type { Component } from 'vue'
import type { Panel } from '../../../../core/find/index'
import MeaningsFacet from './MeaningsFacet.vue'
import PlacesFacet from './PlacesFacet.vue'
import SpanFacet from './SpanFacet.vue'
import StarFacet from './StarFacet.vue'
import TagsFacet from './TagsFacet.vue'
import ValuesFacet from './ValuesFacet.vue'

export const PANELS: Readonly<Record<Panel, Component>> = {
  values: ValuesFacet,
  places: PlacesFacet,
  meanings: MeaningsFacet,
  tags: TagsFacet,
  span: SpanFacet,
  star: StarFacet,
}
