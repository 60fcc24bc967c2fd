import { Op } from '../../db/client'
import { recentSearches } from '../../db/models/recentSearch'
import type { Actor } from '../actor'

const REMEMBERED = 30

export interface RecentSearch {
  readonly text: string
  readonly query: Readonly<Record<string, string>>
  readonly at: string
}

/** What was searched for lately, the last first. */
export async function listRecentSearches(actor: Actor): Promise<{ searches: RecentSearch[] }> {
  if (actor.isGuest) return { searches: [] } // they are the owner's
  return {
    searches: (
      await recentSearches().findAll({ where: { planId: actor.planId }, order: [['at', 'DESC']], limit: REMEMBERED })
    ).map(({ text, query, at }) => ({ text, query, at: at.toISOString() })),
  }
}

/** Remembers a search that led somewhere; the same words are remembered once, and no more than thirty searches. */
export async function noteSearchMade(
  actor: Actor,
  { text, query }: { readonly text: string; readonly query: object },
): Promise<void> {
  if (actor.isGuest) return
  await recentSearches().upsert({
    planId: actor.planId,
    text,
    query: query as Readonly<Record<string, string>>,
    at: new Date(),
  }) // checked by the route
  const oldest = await recentSearches().findOne({
    where: { planId: actor.planId },
    attributes: ['at'],
    order: [['at', 'DESC']],
    offset: REMEMBERED - 1,
  })
  if (oldest) await recentSearches().destroy({ where: { planId: actor.planId, at: { [Op.lt]: oldest.at } } })
}

export async function forgetRecentSearches(actor: Actor): Promise<void> {
  if (actor.isGuest) return
  await recentSearches().destroy({ where: { planId: actor.planId } })
}
