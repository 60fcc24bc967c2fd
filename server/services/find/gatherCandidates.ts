// Hits for best match: those with a word in the name or a tag, and the newest of those that have the words only inside.

import type { QueryTerm } from '../../../core/find/index'
import { mostWithoutName } from '../../../core/find/index'
import type { Hit } from '../../db/sql/find'
import { collectNewest, findNamed, hitsAmong, walkInside } from '../../db/sql/find'
import { expectedHits } from '../../db/sql/samples'
import type { Actor } from '../actor'
import type { Inside } from './insideStrategies'
import { COLLECTED, collectedInside, findInside, idsOf, RANKED_INSIDE } from './insideStrategies'
import type { Condition } from './many'
import { AFTER_PLAN } from './many'
import type { Ranking, Scored } from './rankHits'
import { inOrder, LOOKED_INTO, scoreHits } from './rankHits'

// Of so many that hold the words as typed, the newest are ranked whatever their age.
const [EXACT_AT_MOST, RANKED_EXACT] = [2000, 100]

export interface Gathered extends Inside {
  /** They come first: none that has the words only inside can come before them. */
  readonly lead: readonly Scored[]
  readonly others: readonly Scored[]
}

interface Term {
  readonly ranking: Ranking
  readonly condition: Condition
  /** The same for the words as they were typed; null where no other forms are looked for. */
  readonly exactCondition: Condition | null
  /** Nothing but one word is asked. */
  readonly isOneWord: boolean
}

const NONE_INSIDE: Inside = { inside: [], most: 0, count: null }

/**
 * Hits with what they score before their texts are looked into. Those inside are left out where the first `wanted` need
 * none of them.
 */
export async function gatherCandidates(actor: Actor, terms: Term, wanted: number): Promise<Gathered> {
  const { ranking, condition, exactCondition, isOneWord } = terms
  const exactly = exactHits(actor.planId, exactCondition)
  // Exact hits come with those found by their names: neither is found again inside.
  const naming = Promise.all([findNamed(actor.planId, ranking.terms), exactly]).then(([named, exact]) =>
    withoutRepeats([...named, ...exact]),
  )
  const score: Score = async hits => scoreHits(actor, ranking, hits, new Set(idsOf(await exactly)))
  const expecting = expectedHits(actor.planId, condition(AFTER_PLAN))
  if (isOneWord) return nameCandidates(actor, terms, wanted, { names: naming, but: naming, expecting, score })
  const [named, expected] = await Promise.all([naming, expecting])
  const all = expected > COLLECTED ? null : await collectedInside({ planId: actor.planId, condition, named })
  if (all && all.found <= COLLECTED) {
    const scored = await score([...all.named, ...all.hits.slice(0, RANKED_INSIDE)])
    return { lead: [], others: scored, inside: all.hits, most: RANKED_INSIDE, count: all.count }
  }
  const names = hitsAmong(actor.planId, condition(AFTER_PLAN), idsOf(named))
  const found = Math.max(expected, all?.found ?? 0)
  return nameCandidates(actor, terms, wanted, { names, but: naming, expecting: found, score })
}

/**
 * The newest hits that hold all words as they were typed: without them, what only holds other forms could fill all that
 * is ranked. None where there are a great many: then the newest hits hold the words as typed as well.
 */
async function exactHits(planId: string, exactCondition: Condition | null): Promise<readonly Hit[]> {
  if (!exactCondition) return []
  return (await collectNewest(planId, exactCondition(AFTER_PLAN), EXACT_AT_MOST, RANKED_EXACT, [])).hits
}

/** The hits after one of them by their age, those left out that are listed for their names or as exact ones. */
export async function hitsAfter(
  planId: string,
  { condition, exactCondition }: Pick<Term, 'condition' | 'exactCondition'>,
  terms: readonly QueryTerm[],
  after: Hit,
  limit: number,
): Promise<Hit[]> {
  const [named, exact] = await Promise.all([findNamed(planId, terms), exactHits(planId, exactCondition)])
  return walkInside(planId, condition(AFTER_PLAN), { after, but: idsOf([...named, ...exact]), limit })
}

interface ByName {
  readonly names: Promise<readonly Hit[]>
  /** What is not to be found again inside. */
  readonly but: Promise<readonly Hit[]>
  readonly expecting: Promise<number> | number
  readonly score: Score
}
type Score = (hits: readonly Hit[]) => Promise<Scored[]>

/**
 * Names are scored while those inside are being found. For one word these wait where there are names enough to fill the
 * list alone; that so many names hold each of several words is rare, and what is found then comes behind.
 */
async function nameCandidates(
  actor: Actor,
  { ranking, condition, isOneWord }: Term,
  wanted: number,
  { names, but, expecting, score }: ByName,
): Promise<Gathered> {
  const scoring = names.then(async hits => scoredByName(ranking.terms, await score(hits)))
  const isEnough = async () => isOneWord && (await names).length > LOOKED_INTO && (await scoring).lead.length >= wanted
  const finding = Promise.all([isEnough(), expecting, but]).then(([enough, expected, named]) =>
    enough ? NONE_INSIDE : findInside({ planId: actor.planId, condition, expected, named }),
  )
  const [{ lead, others }, found] = await Promise.all([scoring, finding])
  const inside = found.inside.length === 0 ? [] : await score(found.inside.slice(0, found.most))
  return { ...found, lead, others: inOrder([...others, ...inside]) }
}

/**
 * The hits in names, the best first. Those whose texts are looked at lead the list where none that has the words only
 * inside can come before them: on a page of these alone the others need not be found, and on later pages they come
 * behind.
 */
function scoredByName(terms: readonly QueryTerm[], scored: readonly Scored[]): Pick<Gathered, 'lead' | 'others'> {
  const leads = scored.length > LOOKED_INTO && (scored[LOOKED_INTO - 1]?.score ?? 0) >= mostWithoutName(terms)
  return leads
    ? { lead: scored.slice(0, LOOKED_INTO), others: scored.slice(LOOKED_INTO) }
    : { lead: [], others: scored }
}

const withoutRepeats = (hits: readonly Hit[]): Hit[] => [...new Map(hits.map(hit => [hit.id, hit])).values()]
