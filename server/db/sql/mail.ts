// Whom a Change gives something, and messages that wait to be sent.

import type { GrantRow } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { rows } from '../client'
import type { MailedFile } from '../models/mail'

export interface Recipient {
  readonly accountId: string
  /** Of the grant by which they have it. */
  readonly grantId: string
  readonly target: GrantRow['target']
  /** Of the folder, the document or the plan; null where it is gone. */
  readonly thing: string | null
  readonly role: GrantRow['role']
  readonly note: string
}

/**
 * Who is to be told of these grants of a plan by mail, each person for each thing: not whoever gives, nor who wants no
 * mail or hears nothing of the plan's owner.
 */
export function recipientsOf(
  transaction: Transaction,
  planId: string,
  giverId: string,
  grantIds: readonly string[],
): Promise<Recipient[]> {
  return rows(
    transaction,
    `SELECT a.id AS "accountId", g.id AS "grantId", g.target, g.role, g.note, CASE g.target WHEN 'plan' THEN p.name
      WHEN 'folder' THEN (SELECT f.name FROM folder f WHERE f.plan_id = g.plan_id AND f.id = g.target_id)
      ELSE (SELECT d.name FROM document d WHERE d.plan_id = g.plan_id AND d.id = g.target_id) END AS thing
    FROM access_grant g JOIN plan p ON p.id = g.plan_id JOIN account a ON a.id = g.who_id OR a.id IN (
      SELECT m.person_id FROM group_member m WHERE m.plan_id = g.plan_id AND m.group_id = g.who_id)
    WHERE g.plan_id = $1 AND g.id = ANY($3::uuid[]) AND a.mail_news AND a.id NOT IN ($2, p.account_id)
      AND NOT EXISTS (SELECT FROM muted_giver q WHERE q.account_id = a.id AND q.giver_id = p.account_id)
    ORDER BY a.id, thing`,
    [planId, giverId, grantIds],
  )
}

export interface WaitingMail {
  readonly id: string
  readonly to: string
  /** Whom an answer goes to; null: nobody, it comes from Hembix. */
  readonly replyTo: string | null
  readonly subject: string
  readonly body: string
  readonly files: readonly MailedFile[]
}

/** The next message that waits. It is tried ten times at most, after five minutes, ten more, and so on. */
export async function claimMail(transaction: Transaction | null = null): Promise<WaitingMail | undefined> {
  const found = await rows<WaitingMail>(
    transaction,
    `WITH next AS (SELECT id FROM mail WHERE sent_at IS NULL AND tries < 10 AND (tried_at IS NULL
        OR tried_at < now() - make_interval(mins => 5 * tries)) ORDER BY created_at LIMIT 1 FOR UPDATE SKIP LOCKED)
    UPDATE mail m SET tries = m.tries + 1, tried_at = now() FROM next, account a
    WHERE m.id = next.id AND a.id = m.account_id
    RETURNING m.id, coalesce(m.to_address, a.email) AS "to", CASE WHEN m.to_address IS NOT NULL THEN a.email END
      AS "replyTo", m.subject, m.body, m.files`,
  )
  return found[0]
}
