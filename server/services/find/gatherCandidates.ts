// Hits for best match: those with a word in the name or a tag, and the newest of those that have the words only inside.

import type { QueryTerm } from '../../../core/find/index'
import { mostWithoutName } from '../../../core/find/index'
import type { Collected, Hit } from '../../db/sql/find'
import { collectNewest, findNamed, hitsAmong, walkInside } from '../../db/sql/find'
import { documentsExpected } from '../../db/sql/planPredicate'
import { expectedHits } from '../../db/sql/samples'
import type { Actor } from '../actor'
import type { Condition } from './many'
import { AFTER_PLAN } from './many'
import { amongNewest } from './newest'
import type { Ranking, Scored } from './rankHits'
import { inOrder, LOOKED_INTO, scoreHits } from './rankHits'

// Up to so many hits are found one and all; of more the newest are enough. Fewer take longer to find by the weeks of
// the newest documents than all of them do.
const COLLECTED = 8000
// So many of the hits inside, the newest, are ranked; those after them follow by their age.
const RANKED_INSIDE = 200
// Where every few documents is a hit, so many are walked to, each of which has to be looked at; otherwise the index of
// words finds them among the newest documents.
const [WALKED_INSIDE, EVERY_FEW] = [100, 8]
// Hits among the newest documents, found one and all and sorted.
const AMONG_NEWEST = 20_000
// Of so many that hold the words as typed, the newest are ranked whatever their age.
const [EXACT_AT_MOST, RANKED_EXACT] = [2000, 100]

interface Inside {
  /** The newest hits inside, and one more than are ranked where there are more. */
  readonly inside: readonly Hit[]
  /** So many of them are ranked. */
  readonly most: number
  /** How many hits there are, where all were found. */
  readonly count: number | null
}

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
  const all = expected > COLLECTED ? null : await collected(actor.planId, condition, COLLECTED, named)
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
    enough ? NONE_INSIDE : newestInside(actor.planId, condition, expected, named),
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

async function newestInside(
  planId: string,
  condition: Condition,
  expected: number,
  named: readonly Hit[],
): Promise<Inside> {
  const areMany = expected > COLLECTED
  const many = areMany ? await newestOfMany(planId, condition, expected, named) : null
  if (many) return many
  const all = await collected(planId, condition, COLLECTED, named)
  return (
    insideOf(all) ??
    (areMany ? null : await newestOfMany(planId, condition, all.found, named)) ??
    walked(planId, condition, named)
  )
}

function insideOf({ found, hits, count }: Collected): Inside | null {
  return found > COLLECTED ? null : { inside: hits, most: RANKED_INSIDE, count }
}

/**
 * Where every few documents is a hit, those that are walked to; else those among the newest documents, null where these
 * were too few.
 */
async function newestOfMany(
  planId: string,
  condition: Condition,
  expected: number,
  named: readonly Hit[],
): Promise<Inside | null> {
  if (expected * EVERY_FEW > (await documentsExpected(planId))) return walked(planId, condition, named)
  const newest = await amongNewest(planId, condition, expected, RANKED_INSIDE)
  const hits = newest ? (await collected(planId, newest, AMONG_NEWEST, named)).hits : []
  return hits.length > RANKED_INSIDE ? { inside: hits, most: RANKED_INSIDE, count: null } : null
}

async function walked(planId: string, condition: Condition, named: readonly Hit[]): Promise<Inside> {
  return {
    inside: await walkInside(planId, condition(AFTER_PLAN), {
      after: null,
      but: idsOf(named),
      limit: WALKED_INSIDE + 1,
    }),
    most: WALKED_INSIDE,
    count: null,
  }
}

function collected(planId: string, condition: Condition, most: number, named: readonly Hit[]): Promise<Collected> {
  return collectNewest(planId, condition(AFTER_PLAN), most, RANKED_INSIDE + 1, idsOf(named))
}

const withoutRepeats = (hits: readonly Hit[]): Hit[] => [...new Map(hits.map(hit => [hit.id, hit])).values()]
const idsOf = (hits: readonly Hit[]): string[] => hits.map(({ id }) => id)
