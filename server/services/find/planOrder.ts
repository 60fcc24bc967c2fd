// What lists in the order of the plan, or under headings, are put in order by.

import type { SearchQuery } from '../../../core/find/index'
import type { orderFacts } from '../../db/sql/findOrdered'
import { meaningsOf, tagsOf } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { planTree } from './matchContext'

/** A document without a colour of its own has that of its folder. */
export async function withColours(
  actor: Actor,
  { group }: Pick<SearchQuery, 'group'>,
  facts: Awaited<ReturnType<typeof orderFacts>>,
) {
  if (group !== 'meaning') return facts
  const { meaningOf } = await planTree(actor.planId)
  return facts.map(fact => ({
    ...fact,
    meaningId: fact.meaningId ?? (fact.folderId === null ? null : meaningOf(fact.folderId)),
  }))
}

/** Where folders, meanings and tags stand among each other, as far as the list is put in order by them. */
export async function orderOfPlan(actor: Actor, { sort, group }: Pick<SearchQuery, 'sort' | 'group'>) {
  const byPlace = sort === 'place' || group === 'place'
  const [folders, meanings, tags] = await Promise.all([
    byPlace ? planTree(actor.planId).then(({ outline }) => outline() as readonly string[]) : [],
    group === 'meaning' ? meaningsOf(null, actor.planId).then(all => all.map(({ id }) => id as string)) : [],
    group === 'tag'
      ? tagsOf(null, actor.planId).then(all =>
          [...all].sort((a, b) => a.folded.localeCompare(b.folded)).map(({ id }) => id as string),
        )
      : [],
  ])
  const order = (all: readonly string[]) => {
    const at = new Map(all.map((id, index) => [id, index]))
    return (id: string) => at.get(id) ?? all.length
  }
  return { folder: order(folders), meaning: order(meanings), tag: order(tags) }
}
