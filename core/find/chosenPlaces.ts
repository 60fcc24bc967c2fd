// What ticking a place means beside those that are ticked: a folder holds all below it.

import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { isInside } from '../tree/index'
import type { Chosen } from './fields/facet'

type Place = FolderId | 'in-tray'

/**
 * The places once `after` was chosen instead of `before`: a folder that is ticked under a ticked one narrows to
 * itself, and one that is ticked above others takes them in. Without this the search would stay as it was.
 */
export function chosenPlaces<F extends TreeFolder>(
  tree: Tree<F>,
  before: Chosen<Place>,
  after: Chosen<Place>,
): Chosen<Place> {
  const ticked = after.any.find(place => !before.any.includes(place))
  if (ticked === undefined || ticked === 'in-tray') return after
  const isApart = (place: Place) =>
    place === ticked || place === 'in-tray' || (!isInside(tree, ticked, place) && !isInside(tree, place, ticked))
  return { ...after, any: after.any.filter(isApart) }
}
