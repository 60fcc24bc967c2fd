// Folders that are for one person, as those of a hand-out: whoever is given what lies above would see them as well.

import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { isInside } from '../tree/index'
import type { Grant } from './explain'
import type { Given } from './reach'
import { isInForce } from './reach'

type GivenTo = Given & { readonly who: Grant['who'] | 'link'; readonly whoId: string | null }

/** Below a folder, those that were given to one person and to nobody else. `now`: ISO 8601. */
export function foldersForOne<F extends TreeFolder>(
  id: FolderId,
  tree: Tree<F>,
  given: readonly GivenTo[],
  now: string,
): FolderId[] {
  const whom = new Map<FolderId, Set<string>>()
  for (const one of given) {
    const at = one.targetId as FolderId
    if (one.target !== 'folder' || at === id || !isInForce(one, now) || !isInside(tree, at, id)) continue
    whom.set(at, (whom.get(at) ?? new Set()).add(one.who === 'person' ? (one.whoId ?? '') : one.who))
  }
  const isForOne = (who: ReadonlySet<string>) =>
    who.size === 1 && !['group', 'everyone', 'link'].some(others => who.has(others))
  return [...whom].filter(([, who]) => isForOne(who)).map(([at]) => at)
}
