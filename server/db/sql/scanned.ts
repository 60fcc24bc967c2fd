// Pages of the scanner that are no document yet.

import type { ScanEdits } from '../../../core/scan/index'
import { rows, execute } from '../client'

export interface ScannedRow { readonly id: string; readonly width: number; readonly height: number; readonly edits: ScanEdits; /** Its text is recognised as it is edited now. */ readonly read: boolean }
export interface SeenText { readonly text: string; readonly words: readonly { readonly text: string; readonly box: readonly [number, number, number, number] }[] }

const FACTS = 'id, width, height, edits, (seen IS NOT NULL AND seen_edits = edits) AS read'

export async function addScanned(planId: string, page: { readonly id: string; readonly picture: Buffer; readonly width: number; readonly height: number; readonly edits: ScanEdits }): Promise<void> {
  await execute(null, 'INSERT INTO scanned (id, plan_id, picture, width, height, edits) VALUES ($1, $2, $3, $4, $5, $6::jsonb)', [page.id, planId, page.picture, page.width, page.height, JSON.stringify(page.edits)])
}

/** In the order in which they came. */
export function scannedOf(planId: string): Promise<ScannedRow[]> {
  return rows(null, `SELECT ${FACTS} FROM scanned WHERE plan_id = $1 ORDER BY created_at, id`, [planId])
}

export async function scannedById(planId: string, id: string): Promise<(ScannedRow & { readonly picture: Buffer; readonly seen: SeenText | null }) | undefined> {
  const found = await rows<ScannedRow & { picture: Buffer; seen: SeenText | null }>(null, `SELECT ${FACTS}, picture, seen FROM scanned WHERE plan_id = $1 AND id = $2`, [planId, id])
  return found[0]
}

export async function editScanned(planId: string, id: string, edits: ScanEdits): Promise<boolean> {
  return await execute(null, 'UPDATE scanned SET edits = $3::jsonb WHERE plan_id = $1 AND id = $2', [planId, id, JSON.stringify(edits)]) === 1
}

export async function keepSeen(planId: string, id: string, seen: SeenText, edits: ScanEdits): Promise<void> {
  await execute(null, 'UPDATE scanned SET seen = $3::jsonb, seen_edits = $4::jsonb WHERE plan_id = $1 AND id = $2', [planId, id, JSON.stringify(seen), JSON.stringify(edits)])
}

/** How many there were. */
export function dropScanned(planId: string, ids: readonly string[]): Promise<number> {
  return execute(null, 'DELETE FROM scanned WHERE plan_id = $1 AND id = ANY($2::uuid[])', [planId, ids])
}

/** Pages that nobody made a document of for a week; how many. */
export function dropStaleScanned(now: Date): Promise<number> {
  return execute(null, `DELETE FROM scanned WHERE created_at < $1::timestamptz - interval '7 days'`, [now])
}
