import type { FoundCounts } from '../../../../contract/find'
import type { FACETS } from '../../../../core/find/index'

/** What each of them is given; it emits `choose` with the selection that is to take the place of `selection`. */
export interface FacetProps<S> {
  readonly facet: (typeof FACETS)[number]
  readonly selection: S
  /** null: not known yet, or nothing is searched for. */
  readonly counts: FoundCounts | null
}
