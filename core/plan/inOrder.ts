import type { PlacementRow } from '../rows/index'

/** A place that is not kept before the others of its folder, as every place is at first. */
export const IN_ORDER: Pick<PlacementRow, 'first' | 'orderKey'> = { first: false, orderKey: '' }
