import type { Draft, DraftContent, DraftHead } from '../../../contract/draft'
import { fail } from '../../../core/errors'
import type { FolderId } from '../../../core/ids'
import { draftById, draftsOf, dropDraft, putDraft } from '../../db/sql/drafts'
import type { Actor } from '../actor'

/** The newest 200. */
export function listDrafts(actor: Actor): Promise<DraftHead[]> {
  return draftsOf(actor.planId)
}

/** Throws notFound. */
export async function readDraft(actor: Actor, id: string): Promise<Draft> {
  return (await draftById(actor.planId, id) ?? fail('notFound')) as Draft // content was checked when it was kept
}

/** Keeps a draft under the client's id; what the plan had under it is replaced. */
export async function keepDraft(actor: Actor, draft: { readonly id: string; readonly name: string; readonly rootId: FolderId | null; readonly content: DraftContent }, now: Date): Promise<void> {
  await putDraft(actor.planId, draft, now.toISOString())
}

export async function discardDraft(actor: Actor, id: string): Promise<void> {
  if (await dropDraft(actor.planId, id) === 0) fail('notFound')
}
