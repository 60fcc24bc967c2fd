// Who may do more or less once things lie elsewhere: what previews of a move, of filing and of giving say.

import type { FolderId, PersonId } from '../ids'
import type { Role } from '../rows/index'
import type { TreeFolder } from '../tree/index'
import type { Access, Audience, Grant } from './explain'
import { audienceOf } from './explain'
import type { Given, Reach } from './reach'
import { reachingPlaces } from './reach'
import { includesRole } from './roles'

export interface Difference<G extends Given> {
  /** What reaches them then and does not now, and the other way round. */
  readonly gained: readonly Reach<G>[]
  readonly lost: readonly Reach<G>[]
}

/** What was given to somebody; a link is for whoever has it, and like no other one. */
type GivenTo = Given & { readonly who: Grant['who'] | 'link'; readonly whoId: string | null; readonly role: Role }

/** Whether one of these gives as much to the same people. */
const givesAsMuch = (by: readonly Reach<GivenTo>[], { id, who, whoId, role }: GivenTo): boolean =>
  by.some(
    ({ given }) =>
      given.id === id ||
      (who !== 'link' && given.who === who && given.whoId === whoId && includesRole(given.role, role)),
  )

/** Places are folders; null is the In-tray. Who has as much before and after is not named. */
export function differenceOfPlaces<G extends GivenTo, F extends TreeFolder>(
  before: readonly (FolderId | null)[],
  after: readonly (FolderId | null)[],
  { tree, now }: Pick<Access<Grant, F>, 'tree' | 'now'>,
  given: readonly G[],
): Difference<G> {
  const [had, has] = [reachingPlaces(before, tree, given, now), reachingPlaces(after, tree, given, now)]
  return {
    gained: has.filter(one => !givesAsMuch(had, one.given)),
    lost: had.filter(one => !givesAsMuch(has, one.given)),
  }
}

export interface PersonDifference {
  readonly personId: PersonId
  readonly before: Role | null
  readonly after: Role | null
}

/** Per person, those only whose role is another one; who has what everyone has is compared with that. */
export function difference(before: Audience, after: Audience): PersonDifference[] {
  const roleIn = ({ people, everyone }: Audience, id: PersonId) => {
    const own = people.get(id) ?? null
    return own !== null && includesRole(own, everyone ?? 'read') ? own : everyone
  }
  return [...new Set([...before.people.keys(), ...after.people.keys()])]
    .map(personId => ({ personId, before: roleIn(before, personId), after: roleIn(after, personId) }))
    .filter(one => one.before !== one.after)
}

/** The same from grants as they reach a thing, before and after. */
export const differenceOfReasons = <G extends Grant>(
  before: readonly Reach<G>[],
  after: readonly Reach<G>[],
  groups: Access['groups'],
): PersonDifference[] => difference(audienceOf(before, groups), audienceOf(after, groups))
