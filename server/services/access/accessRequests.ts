// Somebody who has an address and no right can request one; whoever keeps the thing grants or declines it.

import { fail } from '../../../core/errors'
import type { GrantId } from '../../../core/ids'
import type { Role } from '../../../core/rows/index'
import type { AccessRequest } from '../../db/models/accessRequest'
import { accessRequests } from '../../db/models/accessRequest'
import { formerGiver, isInPlan, openRequests, wantedBy } from '../../db/sql/accessRequests'
import { notify } from '../../db/sql/notify'
import { limitAttempts } from '../account/limitAttempts'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'

const LIMIT = { anHour: 30, refused: 'request.many' } as const
/** So long whoever was declined is not heard again about the same thing. */
const QUIET_MS = 30 * 86_400_000

/**
 * When somebody requested what an address leads to, and from whom they had it before; nothing else is told of it.
 * Throws notFound where there is nothing to request: it is their own, though it may lie in the Trash.
 */
export async function readRequest({ accountId, planId }: Actor, wantedId: string) {
  if (await isInPlan(planId, wantedId)) fail('notFound')
  const [request, from] = await Promise.all([
    accessRequests().findOne({ where: { accountId, wantedId } }),
    formerGiver(accountId, wantedId),
  ])
  return { from, requestedAt: request?.createdAt.toISOString() ?? null }
}

/** Is answered the same whether anything has this id or not. Throws request.many. */
export async function requestAccess(actor: Actor, wantedId: string, note: string, now: Date) {
  const { accountId } = actor
  await limitAttempts('request', actor, LIMIT, now)
  const [wanted, before] = await Promise.all([
    wantedBy(wantedId),
    accessRequests().findOne({ where: { accountId, wantedId } }),
  ])
  const of = wanted && wanted.ownerId !== accountId ? wanted : null
  const isQuiet = before?.answeredAt != null && before.answeredAt.getTime() > now.getTime() - QUIET_MS
  const answeredAt = isQuiet ? before.answeredAt : null
  await accessRequests().upsert(
    {
      ...{ id: before?.id ?? newId(), accountId, wantedId, note: note.trim(), createdAt: now, answeredAt },
      ...{ planId: of?.planId ?? null, target: of?.target ?? null, targetId: of?.targetId ?? null },
    },
    { conflictFields: ['account_id', 'wanted_id'] as never }, // the package types attributes and takes columns
  )
  if (of && !isQuiet) await notify(null, { type: 'requests', planId: of.planId })
}

export async function listRequests({ planId }: Actor) {
  return { requests: await openRequests(planId) }
}

export interface Answer {
  /** null: declined. */
  readonly role: Role | null
  /** The client's keys of the act and of the grant. */
  readonly change: string
  readonly grant: GrantId
}

/** Grants it, as an act that can be undone, or declines it. Throws notFound, and as grant.give does. */
export async function answerRequest(actor: Actor, id: string, { role, change, grant }: Answer, now: Date) {
  const request = (await accessRequests().findOne({ where: { id, planId: actor.planId } })) ?? fail('notFound')
  if (role !== null) await give(actor, request, { role, change, grant }, now)
  // Who was granted it may request it again as soon as it is taken back.
  if (role === null) await request.update({ answeredAt: now })
  else await request.destroy()
  await notify(null, { type: 'requests', planId: actor.planId })
}

async function give(
  actor: Actor,
  { accountId: whoId, target, targetId }: AccessRequest,
  { role, change, grant }: Answer & { readonly role: Role },
  now: Date,
) {
  if (target === null || targetId === null) return fail('notFound')
  const grants = [{ id: grant, target, targetId, who: 'person', whoId } as const]
  await applyCommand(actor, change, { kind: 'grant.give', grants, role }, now)
}
