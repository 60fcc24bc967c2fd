import { v5 } from 'uuid'
import { HembixError } from '../../../core/errors'
import type { Rule } from '../../../core/find/index'
import { columnsFor, tryReadRule } from '../../../core/find/index'
import { findsIn, fitsOrder, orderFor, suggestNames } from '../../../core/filing/index'
import type { Arrival, Finds, NamePlace } from '../../../core/filing/index'
import type { DocumentId, FolderId, TagId } from '../../../core/ids'
import type { Order, OrderThen, OrderWhen } from '../../../core/rows/index'
import { lastArrivals, markProcessed, unseenArrivals } from '../../db/sql/orders'
import { folderById, ordersOf } from '../../db/sql/planRows'
import { namesIn } from '../../db/sql/documentList'
import { searchableDocuments } from '../../db/sql/searchable'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { matchContextFor } from '../find/matchContext'

const BATCH = 200
const TRIED = 40

export const listOrders = (actor: Actor): Promise<Order[]> => ordersOf(null, actor.planId)

/**
 * Names the act of an order on a document, so that it is done once, whatever breaks off or runs beside it (RFC 9562,
 * version 5).
 */
const ACTS = '0f3d5a3e-6f57-4c1b-8e0e-6b8d2a2f4c11'

/**
 * Carries standing orders out on arrivals that none has looked at yet; each act is a Change of its own. Whether more
 * may wait. What fails is looked at again the next time, and does not keep the others waiting; then the first error
 * is thrown.
 */
export async function runOrders(now: Date): Promise<boolean> {
  const [seen, errors]: [{ planId: string; id: string }[], unknown[]] = [[], []]
  const unseen = await unseenArrivals(BATCH)
  for (const [planId, arrivals] of byPlan(unseen)) {
    try {
      const orders = await ordersOf(null, planId)
      const findsOf = await findersOf(
        planId,
        arrivals,
        orders.filter(({ active }) => active).map(({ when }) => when),
        now,
      )
      for (const { accountId, email, ...arrival } of arrivals) {
        try {
          const order = orderFor(orders, arrival, findsOf(arrival.id))
          if (order) await carryOut({ planId, accountId, email }, order, arrival, now)
          seen.push({ planId, id: arrival.id })
        } catch (error) {
          errors.push(error)
        }
      }
    } catch (error) {
      errors.push(error)
    }
  }
  if (seen.length > 0) await markProcessed(seen)
  if (errors.length > 0) throw errors[0]
  return unseen.length === BATCH
}

function byPlan<A extends { readonly planId: string }>(arrivals: readonly A[]): Map<string, A[]> {
  const plans = new Map<string, A[]>()
  for (const arrival of arrivals) plans.set(arrival.planId, [...(plans.get(arrival.planId) ?? []), arrival])
  return plans
}

/** Whether the rules of these conditions find an arrival; what they look at is fetched at once. */
async function findersOf(
  planId: string,
  arrivals: readonly { readonly id: string }[],
  conditions: readonly OrderWhen[],
  now: Date,
): Promise<(id: string) => Finds> {
  const rules = conditions.flatMap(({ rule }) => {
    const read = rule ? tryReadRule(rule) : null
    return read?.ok ? [read.rule] : []
  })
  if (rules.length === 0) return () => () => false
  const all: Rule = { kind: 'all', rules }
  const ids = arrivals.map(({ id }) => id)
  const [documents, context] = await Promise.all([
    searchableDocuments(planId, ids, columnsFor(all)),
    matchContextFor(planId, all, now),
  ])
  return id => {
    const document = documents.get(id)
    return document ? findsIn(document, context) : () => false
  }
}

async function carryOut(
  actor: Actor,
  { id, name, then }: Order,
  arrival: Arrival & { id: string },
  now: Date,
): Promise<void> {
  const called = nameBy(then, arrival, await placeFor(actor, then))
  try {
    await applyCommand(
      actor,
      v5(arrival.id, ACTS),
      {
        kind: 'document.file',
        documents: [{ id: arrival.id as DocumentId, name: called === arrival.name ? null : called }],
        folderIds: then.folderId === null ? [] : [then.folderId],
        tags: then.tags.map(tag => ({ id: newId<TagId>(), name: tag })),
        by: { id, name, star: then.star },
      },
      now,
    )
  } catch (error) {
    // Its folder is in the Trash, say, or somebody filed it meanwhile: the document stays where a person sees it.
    if (!(error instanceof HembixError)) throw error
  }
}

/** What the order's pattern needs of the folder it files in; null where names stay. */
async function placeFor(actor: Actor, { folderId, pattern }: OrderThen): Promise<NamePlace | null> {
  if (pattern === null) return null
  if (folderId === null) return { folder: '', pattern, names: [] }
  const [folder, named] = await Promise.all([folderById(actor.planId, folderId), namesIn(actor.planId, folderId)])
  return { folder: folder?.name ?? '', pattern, names: named.map(({ name }) => name) }
}

/** The name that the order's pattern makes; the present one where a part of it is not known. */
function nameBy({ pattern }: OrderThen, arrival: Arrival, place: NamePlace | null): string {
  return (pattern === null ? undefined : suggestNames(arrival, place)[0]?.name) ?? arrival.name
}

export interface TriedOrder {
  readonly of: number
  readonly matches: readonly {
    readonly id: string
    readonly name: string
    readonly newName: string
    readonly folderIds: readonly (FolderId | null)[]
  }[]
}

/** What an order would have done with the last arrivals; nothing is done. */
export async function tryOrder(actor: Actor, when: OrderWhen, then: OrderThen, now: Date): Promise<TriedOrder> {
  const [arrivals, place] = await Promise.all([lastArrivals(actor.planId, TRIED), placeFor(actor, then)])
  const findsOf = await findersOf(actor.planId, arrivals, [when], now)
  const matches = arrivals
    .filter(arrival => fitsOrder(when, arrival, findsOf(arrival.id)))
    .map(arrival => ({
      id: arrival.id,
      name: arrival.name,
      newName: nameBy(then, arrival, place),
      folderIds: arrival.folderIds,
    }))
  return { of: arrivals.length, matches }
}
