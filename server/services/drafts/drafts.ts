import type { Draft, DraftContent, DraftHead } from '../../../contract/draft'
import { fail } from '../../../core/errors'
import type { FolderId } from '../../../core/ids'
import { literal } from '../../db/client'
import type { Draft as DraftModel } from '../../db/models/draft'
import { drafts } from '../../db/models/draft'
import type { Actor } from '../actor'

const LISTED = 200
const LINES = literal(`jsonb_array_length(content->'folderIds')`)

/** The newest 200. */
export async function listDrafts(actor: Actor): Promise<DraftHead[]> {
  const found = await drafts().findAll({
    where: { planId: actor.planId },
    attributes: ['id', 'name', 'rootId', 'changedAt', [LINES, 'lines']],
    order: [['changedAt', 'DESC']],
    limit: LISTED,
  })
  return found.map(headOf)
}

function headOf(draft: DraftModel): DraftHead {
  return {
    id: draft.id,
    name: draft.name,
    rootId: draft.rootId,
    lines: draft.get('lines') as number,
    changedAt: draft.changedAt.toISOString(),
  } // counted by the statement
}

/** Throws notFound. */
export async function readDraft(actor: Actor, id: string): Promise<Draft> {
  const draft =
    (await drafts().findOne({ where: { planId: actor.planId, id }, attributes: { include: [[LINES, 'lines']] } })) ??
    fail('notFound')
  return { ...headOf(draft), content: draft.content as DraftContent } // checked when it was saved
}

/** Saves a draft under the client's id; what the plan had under it is replaced. */
export async function keepDraft(
  actor: Actor,
  draft: {
    readonly id: string
    readonly name: string
    readonly rootId: FolderId | null
    readonly content: DraftContent
  },
  now: Date,
): Promise<void> {
  await drafts().upsert({ ...draft, planId: actor.planId, changedAt: now })
}

export async function discardDraft(actor: Actor, id: string): Promise<void> {
  if ((await drafts().destroy({ where: { planId: actor.planId, id } })) === 0) fail('notFound')
}
