// Who may read a thing by links, and why: a folder gives what it and all above it give, a document what its own links
// and all of its places give.

import type { FolderId } from '../ids'
import type { ShareLinkRow } from '../rows/index'
import type { Tree, TreeFolder } from '../tree/index'
import { pathOf } from '../tree/index'

export type GivenThing =
  | { readonly kind: 'folder'; readonly id: FolderId }
  | { readonly kind: 'document'; readonly id: string; readonly folderIds: readonly (FolderId | null)[] }

type Link = Pick<ShareLinkRow, 'id' | 'target' | 'targetId' | 'until'>

export interface Reach<L extends Link> {
  readonly link: L
  /** The folder by which it reaches the thing; null: the thing itself was given. */
  readonly by: FolderId | null
}

/** `now`: ISO 8601. */
export const isInForce = ({ until }: Pick<ShareLinkRow, 'until'>, now: string): boolean => until === null || until > now

/** The links in force that reach a thing, those of the thing itself first, then the nearest folder's. */
export function linksTo<L extends Link, F extends TreeFolder>(
  thing: GivenThing,
  tree: Tree<F>,
  links: readonly L[],
  now: string,
): Reach<L>[] {
  const own = links.filter(link => link.target === thing.kind && link.targetId === thing.id && isInForce(link, now))
  const places = thing.kind === 'folder' ? [tree.byId.get(thing.id)?.parentId ?? null] : thing.folderIds
  return [...own.map(link => ({ link, by: null })), ...linksOfPlaces(places, tree, links, now)]
}

/** What links let read, once it lies in these places, that they did not before: what a move or filing widens. */
export function linksGained<L extends Link, F extends TreeFolder>(
  before: readonly (FolderId | null)[],
  after: readonly (FolderId | null)[],
  tree: Tree<F>,
  links: readonly L[],
  now: string,
): Reach<L>[] {
  const had = new Set(linksOfPlaces(before, tree, links, now).map(({ link }) => link.id))
  return linksOfPlaces(after, tree, links, now).filter(({ link }) => !had.has(link.id))
}

function linksOfPlaces<L extends Link, F extends TreeFolder>(
  places: readonly (FolderId | null)[],
  tree: Tree<F>,
  links: readonly L[],
  now: string,
): Reach<L>[] {
  const above = new Set(places.flatMap(id => pathOf(tree, id).map(folder => folder.id)).reverse())
  const seen = new Set<string>()
  return [...above].flatMap(by =>
    links
      .filter(link => link.target === 'folder' && link.targetId === by && isInForce(link, now) && !seen.has(link.id))
      .map(link => {
        seen.add(link.id)
        return { link, by }
      }),
  )
}
