// Which of what was given out reaches a thing, and by what: a folder gets what it and all above it give, a document
// what its own grants and all of its places give, and everything filed what the plan gives. Links and grants alike.

import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { pathOf } from '../tree/index'

export type GivenThing =
  | { readonly kind: 'folder'; readonly id: FolderId }
  | { readonly kind: 'document'; readonly id: string; readonly folderIds: readonly (FolderId | null)[] }

export interface Given {
  readonly id: string
  readonly target: 'plan' | 'folder' | 'document'
  readonly targetId: string
  /** ISO 8601; null: until it is ended. */
  readonly until: string | null
}

export interface Reach<G extends Given> {
  readonly given: G
  /** The folder by which it reaches the thing; null: the thing itself was given. */
  readonly by: FolderId | 'plan' | null
}

/** `now`: ISO 8601. */
export const isInForce = ({ until }: Pick<Given, 'until'>, now: string): boolean => until === null || until > now

/** What is in force and reaches a thing, what was given of the thing itself first, then by the nearest folder. */
export function reaching<G extends Given, F extends TreeFolder>(
  thing: GivenThing,
  tree: Tree<F>,
  given: readonly G[],
  now: string,
): Reach<G>[] {
  const own = given.filter(one => one.target === thing.kind && one.targetId === thing.id && isInForce(one, now))
  return [...own.map(one => ({ given: one, by: null })), ...reachingPlaces(placesAbove(thing, tree), tree, given, now)]
}

/** Where a thing lies; a folder at the top lies in the plan. */
function placesAbove<F extends TreeFolder>(thing: GivenThing, tree: Tree<F>): readonly (FolderId | 'plan' | null)[] {
  if (thing.kind === 'document') return thing.folderIds
  const folder = tree.byId.get(thing.id)
  return folder ? [folder.parentId ?? 'plan'] : []
}

/** What reaches whatever lies in these places. Null is the In-tray, which nobody else reaches. */
export function reachingPlaces<G extends Given, F extends TreeFolder>(
  places: readonly (FolderId | 'plan' | null)[],
  tree: Tree<F>,
  given: readonly G[],
  now: string,
): Reach<G>[] {
  const folders = places.filter((id): id is FolderId => id !== null && id !== 'plan' && tree.byId.has(id))
  const above = new Set(folders.flatMap(id => pathOf(tree, id).map(folder => folder.id)).reverse())
  const isFiled = folders.length > 0 || places.includes('plan')
  const seen = new Set<string>()
  return [...above, ...(isFiled ? (['plan'] as const) : [])].flatMap(by =>
    given
      .filter(
        one =>
          (by === 'plan' ? one.target === 'plan' : one.target === 'folder' && one.targetId === by) &&
          isInForce(one, now) &&
          !seen.has(one.id),
      )
      .map(one => {
        seen.add(one.id)
        return { given: one, by }
      }),
  )
}
