// When documents were opened, and lists of what one had to do with lately.

import { rows, execute } from '../client'
import { isoText } from '../tables'
import type { ListedDocument } from './documentList'
import { DOCUMENT_COLUMNS } from './documentList'

export type LatelyRow = ListedDocument & { readonly at: string; readonly visits: number }

// Looking again within these minutes is the same visit.
const SAME_VISIT = "interval '10 minutes'"

/** True when there is such a live document. */
export async function noteVisit(planId: string, documentId: string): Promise<boolean> {
  return (
    (await execute(
      null,
      `INSERT INTO visit AS v (document_id, plan_id, at, count) SELECT d.id, d.plan_id, now(), 1 FROM document d
        WHERE d.id = $2 AND d.plan_id = $1 AND d.trashed_at IS NULL
    ON CONFLICT (document_id, plan_id) DO UPDATE SET count = v.count + (v.at < now() - ${SAME_VISIT})::int, at = now()`,
      [planId, documentId],
    )) > 0
  )
}

const SELECT = (at: string) => `SELECT ${DOCUMENT_COLUMNS}, ${isoText(at)} AS at, coalesce(v.count, 0)::int AS visits`

export function openedLately(planId: string, limit: number): Promise<LatelyRow[]> {
  return rows(
    null,
    `${SELECT('v.at')} FROM visit v JOIN document d ON d.id = v.document_id AND (d.plan_id = v.plan_id) IS TRUE
      WHERE v.plan_id = $1 AND d.trashed_at IS NULL ORDER BY v.at DESC LIMIT $2`,
    [planId, limit],
  )
}

/** Opened most in the last three months, at least twice. */
export function openedOften(planId: string, limit: number): Promise<LatelyRow[]> {
  return rows(
    null,
    `${SELECT('v.at')} FROM visit v JOIN document d ON d.id = v.document_id AND (d.plan_id = v.plan_id) IS TRUE
      WHERE v.plan_id = $1 AND v.count > 1 AND v.at > now() - interval '3 months' AND d.trashed_at IS NULL
        ORDER BY v.count DESC, v.at DESC LIMIT $2`,
    [planId, limit],
  )
}

export function changedLately(planId: string, limit: number): Promise<LatelyRow[]> {
  return rows(
    null,
    `${SELECT('d.changed_at')} FROM (SELECT document_id FROM search_row WHERE plan_id = $1
      ORDER BY changed_at DESC, document_id DESC LIMIT $2) s JOIN document d ON d.id = s.document_id
        AND (d.plan_id = $1) IS TRUE LEFT JOIN visit v ON v.document_id = d.id AND (v.plan_id = d.plan_id) IS TRUE
          ORDER BY d.changed_at DESC, d.id DESC`,
    [planId, limit],
  )
}

export function addedLately(planId: string, limit: number): Promise<LatelyRow[]> {
  return rows(
    null,
    `${SELECT('d.created_at')} FROM document d LEFT JOIN visit v ON v.document_id = d.id
      AND (v.plan_id = d.plan_id) IS TRUE WHERE d.plan_id = $1 AND d.trashed_at IS NULL
        ORDER BY d.created_at DESC, d.id DESC LIMIT $2`,
    [planId, limit],
  )
}

/** Starred documents, those that were not opened for longest first; since when: opened last, else starred. */
export function starredByNeglect(planId: string, limit: number): Promise<LatelyRow[]> {
  return rows(
    null,
    `${SELECT('coalesce(v.at, st.created_at)')} FROM star st JOIN document d ON d.id = st.id AND d.plan_id = st.plan_id
      LEFT JOIN visit v ON v.document_id = d.id AND (v.plan_id = d.plan_id) IS TRUE WHERE st.plan_id = $1
        AND st.target = 'document' AND d.trashed_at IS NULL
    ORDER BY coalesce(v.at, st.created_at), d.id LIMIT $2`,
    [planId, limit],
  )
}
