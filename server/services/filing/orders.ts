import { HembixError } from '../../../core/errors'
import { fitsOrder, orderFor, suggestNames } from '../../../core/filing/index'
import type { Arrival } from '../../../core/filing/index'
import type { DocumentId, FolderId, TagId } from '../../../core/ids'
import type { Order, OrderThen, OrderWhen } from '../../../core/rows/index'
import { foldedText } from '../../../core/text/index'
import { beginningOf, filableByIds } from '../../db/sql/filing'
import { lastArrivals, markSeen, unseenArrivals } from '../../db/sql/orders'
import { folderById, ordersOf, tagsOf } from '../../db/sql/planRows'
import { namesIn } from '../../db/sql/register'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'

const BATCH = 200
const TRIED = 40

export const listOrders = (actor: Actor): Promise<Order[]> => ordersOf(null, actor.planId)

/** Carries standing orders out on arrivals that none has looked at yet; each act is a Change of its own. How many were dealt with. */
export async function runOrders(now: Date): Promise<number> {
  const waiting = await unseenArrivals(BATCH)
  if (waiting.length === 0) return 0
  const mine = new Set(await markSeen(waiting.map(({ id }) => id)))
  let count = 0
  for (const { id, planId, accountId, email } of waiting) {
    if (mine.has(id) && await runOn({ planId, accountId, email }, id, now)) count++
  }
  return count
}

async function runOn(actor: Actor, id: string, now: Date): Promise<boolean> {
  const [orders, [document], text] = await Promise.all([ordersOf(null, actor.planId), filableByIds(actor.planId, [id]), beginningOf(actor.planId, id)])
  const order = document ? orderFor(orders, { ...document, text }) : null
  if (!document || !order) return false
  const { folderId, tags, star } = order.then
  const known = await tagsOf(null, actor.planId)
  const name = await nameBy(actor, order.then, { ...document, text })
  try {
    await applyCommand(actor, newId(), {
      kind: 'document.file', documents: [{ id: id as DocumentId, name: name === document.name ? null : name }], folderIds: folderId === null ? [] : [folderId],
      tags: tags.map(tag => ({ id: known.find(({ folded }) => folded === foldedText(tag))?.id ?? newId() as TagId, name: tag })), by: { id: order.id, name: order.name, star },
    }, now)
    return true
  }
  catch (error) {
    // Its folder is in the Trash, say: the document stays in the In-tray, where a person sees it.
    if (error instanceof HembixError) return false
    throw error
  }
}

/** The name that the order's pattern makes; the present one where a part of it is not known. */
async function nameBy(actor: Actor, { folderId, pattern }: OrderThen, arrival: Arrival): Promise<string> {
  if (pattern === null) return arrival.name
  const folder = folderId === null ? undefined : await folderById(actor.planId, folderId)
  const names = folderId === null ? [] : (await namesIn(actor.planId, folderId)).map(({ name }) => name)
  const [best] = suggestNames(arrival, { folder: folder?.name ?? '', pattern, names })
  return best?.name ?? arrival.name
}

export interface TriedOrder {
  readonly of: number
  readonly matches: readonly { readonly id: string; readonly name: string; readonly newName: string; readonly folderIds: readonly (FolderId | null)[] }[]
}

/** What an order would have done with the last arrivals; nothing is done. */
export async function tryOrder(actor: Actor, when: OrderWhen, then: OrderThen): Promise<TriedOrder> {
  const arrivals = await lastArrivals(actor.planId, TRIED)
  const matches = []
  for (const arrival of arrivals) {
    if (!fitsOrder(when, arrival)) continue
    matches.push({ id: arrival.id, name: arrival.name, newName: await nameBy(actor, then, arrival), folderIds: arrival.folderIds })
  }
  return { of: arrivals.length, matches }
}
