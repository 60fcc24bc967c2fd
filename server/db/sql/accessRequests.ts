// What is behind an address, and who would like to be given it.

import type { PersonId } from '../../../core/ids'
import { rows } from '../client'
import { accessRequests } from '../models/accessRequest'
import { belonging } from '../associations'
import { grantUses } from '../models/grantUse'
import { plans } from '../models/plan'
import { nameOf } from './people'

export interface Wanted {
  readonly planId: string
  readonly ownerId: PersonId
  readonly target: 'plan' | 'folder' | 'document'
  readonly targetId: string
}

/**
 * What has this id: what a grant gives, a live folder, a live document or a plan. A document by its row for searches,
 * which is found without knowing the plan.
 */
export async function wantedBy(id: string): Promise<Wanted | undefined> {
  const found = await rows<Wanted>(
    null,
    `SELECT x.plan_id AS "planId", p.account_id AS "ownerId", x.target, x.target_id AS "targetId" FROM (
      SELECT plan_id, target, target_id FROM access_grant WHERE id = $1
      UNION ALL SELECT plan_id, 'folder', id FROM folder WHERE id = $1 AND trashed_at IS NULL
      UNION ALL SELECT d.plan_id, 'document', d.id FROM search_row s JOIN document d ON d.plan_id = s.plan_id
        AND d.id = s.document_id WHERE s.document_id = $1 AND d.trashed_at IS NULL
      UNION ALL SELECT id, 'plan', id FROM plan WHERE id = $1) x JOIN plan p ON p.id = x.plan_id LIMIT 1`,
    [id],
  )
  return found[0]
}

/** By whom somebody was given what they opened by this grant, also once it has ended. */
export async function formerGiver(personId: string, grantId: string): Promise<string | null> {
  const use = await grantUses().findOne({ where: { accountId: personId, grantId }, attributes: ['planId'] })
  const account = belonging(plans, 'account', { attributes: ['name', 'email'] })
  const plan = use && (await plans().findOne({ where: { id: use.planId }, attributes: ['id'], include: [account] }))
  return plan?.account ? nameOf(plan.account) : null
}

/** Whether it is a folder or document of this plan, also in its Trash. */
export async function isInPlan(planId: string, id: string): Promise<boolean> {
  const found = await rows(
    null,
    `SELECT 1 FROM folder WHERE plan_id = $1 AND id = $2
      UNION ALL SELECT 1 FROM document WHERE plan_id = $1 AND id = $2`,
    [planId, id],
  )
  return found.length > 0
}

export interface OpenRequest {
  readonly id: string
  readonly personId: PersonId
  readonly name: string
  readonly email: string
  readonly target: Wanted['target']
  readonly targetId: string
  /** Of a document; null of what the outline names, and where it is gone. */
  readonly documentName: string | null
  readonly note: string
  readonly createdAt: string
}

/** Those that nobody answered yet, the newest first. Whoever asks has an account; what they want lies in the plan. */
export async function openRequests(planId: string): Promise<OpenRequest[]> {
  const found = await accessRequests().findAll({
    where: { planId, answeredAt: null },
    include: [
      belonging(accessRequests, 'account', { attributes: ['name', 'email'] }),
      belonging(accessRequests, 'document', { attributes: ['name'], where: { trashedAt: null }, required: false }),
    ],
    order: [
      ['createdAt', 'DESC'],
      ['id', 'ASC'],
    ],
  })
  return found.flatMap(({ id, accountId, account, target, targetId, document, note, createdAt }) =>
    account && target && targetId !== null
      ? [
          {
            ...{ id, target, targetId, note },
            personId: accountId,
            name: nameOf(account),
            email: account.email,
            documentName: document?.name ?? null,
            createdAt: createdAt.toISOString(),
          },
        ]
      : [],
  )
}
