// Drafts and skeletons: working papers beside the plan, no part of its Changes.

import type { FolderId } from '../../../core/ids'
import { rows, execute } from '../client'
import { isoText } from '../tables'

export interface DraftRow { readonly id: string; readonly name: string; readonly rootId: FolderId | null; readonly lines: number; readonly changedAt: string }
export interface SkeletonRow { readonly id: string; readonly name: string; readonly outline: string }

const HEAD = `d.id, d.name, d.root_id AS "rootId", jsonb_array_length(d.content->'folderIds') AS lines, ${isoText('d.changed_at')} AS "changedAt"`

export function draftsOf(planId: string): Promise<DraftRow[]> {
  return rows<DraftRow>(null, `SELECT ${HEAD} FROM draft d WHERE d.plan_id = $1 ORDER BY d.changed_at DESC LIMIT 200`, [planId])
}

export async function draftById(planId: string, id: string): Promise<(DraftRow & { readonly content: object }) | undefined> {
  const found = await rows<DraftRow & { readonly content: object }>(null, `SELECT ${HEAD}, d.content FROM draft d WHERE d.plan_id = $1 AND d.id = $2`, [planId, id])
  return found[0]
}

/** Keeps the draft under its id. */
export async function putDraft(planId: string, draft: { readonly id: string; readonly name: string; readonly rootId: string | null; readonly content: object }, at: string): Promise<void> {
  await execute(null, `INSERT INTO draft (id, plan_id, name, root_id, content, changed_at) VALUES ($2, $1, $3, $4, $5::jsonb, $6)
    ON CONFLICT (id, plan_id) DO UPDATE SET name = EXCLUDED.name, root_id = EXCLUDED.root_id, content = EXCLUDED.content, changed_at = EXCLUDED.changed_at`,
  [planId, draft.id, draft.name, draft.rootId, JSON.stringify(draft.content), at])
}

export function dropDraft(planId: string, id: string): Promise<number> {
  return execute(null, 'DELETE FROM draft WHERE plan_id = $1 AND id = $2', [planId, id])
}

export function skeletonsOf(planId: string): Promise<SkeletonRow[]> {
  return rows<SkeletonRow>(null, 'SELECT s.id, s.name, s.outline FROM skeleton s WHERE s.plan_id = $1 ORDER BY s.name, s.id LIMIT 500', [planId])
}

/** Keeps the skeleton under its id. */
export async function putSkeleton(planId: string, skeleton: SkeletonRow, at: string): Promise<void> {
  await execute(null, `INSERT INTO skeleton (id, plan_id, name, outline, created_at) VALUES ($2, $1, $3, $4, $5)
    ON CONFLICT (id, plan_id) DO UPDATE SET name = EXCLUDED.name, outline = EXCLUDED.outline`, [planId, skeleton.id, skeleton.name, skeleton.outline, at])
}

export function dropSkeleton(planId: string, id: string): Promise<number> {
  return execute(null, 'DELETE FROM skeleton WHERE plan_id = $1 AND id = $2', [planId, id])
}
