import type { MadeBy, RowChange } from '../../../core/change/index'
import type { Message } from '../../../core/history/index'
import { CHANGED_NO_ROW, NEVER_UNDONE } from '../../../core/change/index'
import { wordMessage } from '../../../core/history/index'
import type { Transaction } from '../client'
import { rows, execute } from '../client'
import { isoText } from '../tables'
import { personName } from './people'

export interface JournalEntry {
  readonly id: string
  readonly revision: number
  readonly at: string
  readonly kind: string
  /** What was done, in words. */
  readonly label: string
  /** The same as it is stored; null: written down before there were messages, only in words. */
  readonly message: Message | null
  /** Folders it touched; the plan's own id stands for the top and the In-tray. */
  readonly places: readonly string[]
  /** By name; empty where the account is gone. */
  readonly actor: string
  readonly actorId: string | null
  /** Who carried it out: the person, a standing order, or a device that brought documents in. */
  readonly madeBy: MadeBy
  readonly undoes: string | null
  readonly undoneBy: string | null
}

const ENTRY =
  `c.id, c.revision::float8 AS revision, ${isoText('c.at')} AS at, c.kind, c.label, c.message, ` +
  `c.places, coalesce(${personName('a')}, '') AS actor, c.account_id AS "actorId", ` +
  'c.made_by AS "madeBy", c.undoes, c.undone_by AS "undoneBy"'
const FROM = 'FROM change c LEFT JOIN account a ON a.id = c.account_id'

/** Entries with the words that the catalogue has for them now. */
async function entries(
  transaction: Transaction | null,
  sql: string,
  bind: readonly unknown[],
): Promise<JournalEntry[]> {
  const found = await rows<JournalEntry>(transaction, sql, bind)
  return found.map(entry => (entry.message === null ? entry : { ...entry, label: wordMessage(entry.message) }))
}

export interface NewEntry {
  readonly id: string
  readonly planId: string
  readonly accountId: string
  readonly at: string
  readonly kind: string
  readonly message: Message
  readonly places: readonly string[]
  readonly rows: readonly RowChange[]
  readonly undoes: string | null
  readonly madeBy: MadeBy
}

/** Writes the entry under the plan's next revision, which it gives back. */
export async function writeEntry(transaction: Transaction, entry: NewEntry): Promise<number> {
  const [plan] = await rows<{ revision: number }>(
    transaction,
    `WITH p AS (UPDATE plan SET revision = revision + 1 WHERE id = $1 RETURNING revision),
    c AS (INSERT INTO change (id, plan_id, revision, account_id, at, kind, label, message, places, rows, undoes,
      things, made_by)
      SELECT $2::uuid, $1::uuid, p.revision, $3::uuid, $4::timestamptz, $5::text, $6::text, $12::jsonb,
        $7::uuid[], $8::json,
        $9::uuid, $10::uuid[], $11::text FROM p)
    SELECT revision::float8 AS revision FROM p`,
    [
      entry.planId,
      entry.id,
      entry.accountId,
      entry.at,
      entry.kind,
      wordMessage(entry.message), // searched
      entry.places,
      JSON.stringify(entry.rows),
      entry.undoes,
      thingsIn(entry.rows),
      entry.madeBy,
      JSON.stringify(entry.message),
    ],
  )
  if (!plan) throw new Error('The plan of a journal entry is gone.')
  return plan.revision
}

/** Folders and documents that the rows are about. */
function thingsIn(changes: readonly RowChange[]): string[] {
  const things = new Set<string>()
  for (const change of changes) {
    const facts = { ...('before' in change ? change.before : {}), ...('after' in change ? change.after : {}) } as {
      documentId?: string
      targetId?: string
    }
    if (change.table === 'folder' || change.table === 'document' || change.table === 'star') things.add(change.id)
    const about = facts.documentId ?? facts.targetId
    if (about) things.add(about)
  }
  return [...things]
}

export interface HistoryFilter {
  /** Words that stand in what was done. */
  readonly text: string
  /** ISO 8601; null leaves a side open. */
  readonly from: string | null
  readonly before: string | null
  /** Any of these folders was touched; null: anywhere. */
  readonly places: readonly string[] | null
  /** A folder or document that was touched itself; null: any. */
  readonly thing: string | null
  /** null: anybody. */
  readonly madeBy: MadeBy | null
  readonly who: string | null
}

/** Newest first, older than `revision`, as the filter asks. */
export function entriesOf(
  planId: string,
  revision: number | null,
  filter: HistoryFilter,
  limit: number,
): Promise<JournalEntry[]> {
  return entries(
    null,
    `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND ($2::bigint IS NULL OR c.revision < $2) AND ($4 = ''
      OR c.label ILIKE '%' || $4 || '%')
    AND ($5::timestamptz IS NULL OR c.at >= $5) AND ($6::timestamptz IS NULL OR c.at < $6) AND ($7::uuid[] IS NULL
      OR c.places && $7) AND ($8::uuid IS NULL OR c.things @> ARRAY[$8]) AND ($9::text IS NULL OR c.made_by = $9)
    AND ($10::uuid IS NULL OR c.account_id = $10)
    ORDER BY c.revision DESC LIMIT $3`,
    [
      planId,
      revision,
      limit,
      filter.text.replace(/[\\%_]/g, '\\$&'),
      filter.from,
      filter.before,
      filter.places,
      filter.thing,
      filter.madeBy,
      filter.who,
    ],
  )
}

export async function entryById(
  transaction: Transaction | null,
  planId: string,
  id: string,
): Promise<JournalEntry | undefined> {
  const found = await entries(transaction, `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND c.id = $2`, [planId, id])
  return found[0]
}

/** Which of these documents a person brought into a plan themselves. */
export async function broughtBy({ planId, accountId }: Who, documentIds: readonly string[]): Promise<string[]> {
  const found = await rows<{ id: string }>(
    null,
    `SELECT t.id FROM unnest($3::uuid[]) AS t(id) WHERE EXISTS (SELECT FROM change c WHERE c.plan_id = $1
      AND c.account_id = $2 AND c.kind = 'document.add' AND c.things @> ARRAY[t.id])`,
    [planId, accountId, documentIds],
  )
  return found.map(({ id }) => id)
}

export async function rowsOfEntry(transaction: Transaction | null, planId: string, id: string): Promise<RowChange[]> {
  const found = await rows<{ rows: RowChange[] }>(
    transaction,
    'SELECT rows FROM change WHERE plan_id = $1 AND id = $2',
    [planId, id],
  )
  return found[0]?.rows ?? []
}

export async function markUndone(
  transaction: Transaction,
  planId: string,
  id: string,
  by: string | null,
): Promise<void> {
  await execute(transaction, 'UPDATE change SET undone_by = $3 WHERE plan_id = $1 AND id = $2', [planId, id, by])
}

/** Newest first, older than `before` (a revision). */
export function entriesBefore(planId: string, before: number | null, limit: number): Promise<JournalEntry[]> {
  return entries(
    null,
    `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND ($2::bigint IS NULL OR c.revision < $2) ORDER BY c.revision DESC
      LIMIT $3`,
    [planId, before, limit],
  )
}

/** Whose acts are meant, in which plan. */
export interface Who {
  readonly planId: string
  readonly accountId: string
}

const listed = (kinds: readonly string[]) => kinds.map(kind => `'${kind}'`).join(', ')

/** The newest act of theirs that is not undone: what Undo takes back. */
export async function nextToUndo(
  transaction: Transaction | null,
  { planId, accountId }: Who,
): Promise<JournalEntry | undefined> {
  const found = await entries(
    transaction,
    `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND c.account_id = $2 AND c.undone_by IS NULL
      AND c.kind NOT IN ('undo', 'redo', ${listed(NEVER_UNDONE)})
      ORDER BY c.revision DESC LIMIT 1`,
    [planId, accountId],
  )
  return found[0]
}

/** Their newest undo that is not itself taken back, unless a new act of theirs came after it: what Redo takes back. */
export async function nextToRedo(
  transaction: Transaction | null,
  { planId, accountId }: Who,
): Promise<JournalEntry | undefined> {
  const found = await entries(
    transaction,
    `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND c.account_id = $2 AND c.undone_by IS NULL AND c.kind = 'undo'
    AND c.revision > coalesce((SELECT max(n.revision) FROM change n WHERE n.plan_id = $1 AND n.account_id = $2
      AND n.kind NOT IN ('undo', 'redo', ${listed(CHANGED_NO_ROW)})), 0)
    ORDER BY c.revision DESC LIMIT 1`,
    [planId, accountId],
  )
  return found[0]
}

/** Acts from this revision on that are in force, newest first. */
export function actsSince(transaction: Transaction, planId: string, revision: number): Promise<JournalEntry[]> {
  return entries(
    transaction,
    `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND c.revision >= $2 AND c.undone_by IS NULL
      AND c.kind NOT IN ('undo', 'redo') ORDER BY c.revision DESC`,
    [planId, revision],
  )
}

/** Later acts, not undone, that touched any of the rows or that point at them; newest first. */
export function laterEntriesOn(
  transaction: Transaction,
  planId: string,
  after: number,
  ids: readonly string[],
  limit: number,
): Promise<JournalEntry[]> {
  return entries(
    transaction,
    `SELECT ${ENTRY} ${FROM} WHERE c.plan_id = $1 AND c.revision > $2 AND c.undone_by IS NULL AND c.kind <> 'undo'
    AND EXISTS (SELECT FROM json_array_elements(c.rows) r WHERE r->>'id' = ANY($3::text[])
      OR r->'after'->>'folderId' = ANY($3::text[]) OR r->'after'->>'parentId' = ANY($3::text[])
        OR r->'after'->>'documentId' = ANY($3::text[]))
    ORDER BY c.revision DESC LIMIT $4`,
    [planId, after, ids, limit],
  )
}
