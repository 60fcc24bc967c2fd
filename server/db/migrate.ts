import { Umzug } from 'umzug'
import { database, rows, execute, withTransaction } from './client'
import * as plan from './migrations/000001_plan'
import * as building from './migrations/000002_building'
import * as registers from './migrations/000003_registers'
import * as filing from './migrations/000004_filing'
import * as stories from './migrations/000005_stories'
import * as messages from './migrations/000006_messages'
import * as orders from './migrations/000007_orders'
import * as uploads from './migrations/000008_uploads'
import * as scans from './migrations/000009_scans'
import * as acts from './migrations/000010_acts'
import * as finding from './migrations/000011_finding'
import * as forms from './migrations/000012_forms'
import * as thumbnails from './migrations/000013_thumbnails'
import * as samples from './migrations/000014_samples'
import * as weeks from './migrations/000015_weeks'
import * as lighter from './migrations/000016_lighter'
import * as ownCopies from './migrations/000017_own_copies'
import * as sessions from './migrations/000018_sessions'
import * as planKeys from './migrations/000019_plan_keys'
import * as author from './migrations/000020_author'
import * as pageLexemes from './migrations/000021_page_lexemes'
import * as changeMessages from './migrations/000022_change_messages'
import * as partNames from './migrations/000023_part_names'
import * as namesakes from './migrations/000024_namesakes'
import * as starredSince from './migrations/000025_starred_since'
import * as shareLinkTables from './migrations/000026_share_links'
import * as peopleTables from './migrations/000027_people'
import * as areas from './migrations/000028_areas'
import * as accessRequests from './migrations/000029_access_requests'
import * as mailTables from './migrations/000030_mail'
import * as lockTables from './migrations/000031_locks'
import * as handoverTables from './migrations/000032_handovers'
import * as mailedCopies from './migrations/000033_mailed_copies'
import * as ticks from './migrations/000034_ticks'
import * as orderOfDocuments from './migrations/000035_order_of_documents'

// Append only: a migration that has run anywhere is never edited.
const MIGRATIONS = [
  plan,
  building,
  registers,
  filing,
  stories,
  messages,
  orders,
  uploads,
  scans,
  acts,
  finding,
  forms,
  thumbnails,
  samples,
  weeks,
  lighter,
  ownCopies,
  sessions,
  planKeys,
  author,
  pageLexemes,
  changeMessages,
  partNames,
  namesakes,
  starredSince,
  shareLinkTables,
  peopleTables,
  areas,
  accessRequests,
  mailTables,
  lockTables,
  handoverTables,
  mailedCopies,
  ticks,
  orderOfDocuments,
]

const LOCK = 4_802_661

/** Brings the database up to this version, each step in a transaction of its own; the names of those that ran. */
export async function migrate(): Promise<string[]> {
  await execute(
    null,
    'CREATE TABLE IF NOT EXISTS migration (name text PRIMARY KEY, ran_at timestamptz NOT NULL DEFAULT now())',
  )
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, sql }) => ({
      name,
      up: () =>
        withTransaction(async transaction => {
          await rows(transaction, 'SELECT pg_advisory_xact_lock($1)', [LOCK])
          const done = await rows(transaction, 'SELECT 1 FROM migration WHERE name = $1', [name])
          if (done.length > 0) return
          await database().query(sql, { transaction })
          await execute(transaction, 'INSERT INTO migration (name) VALUES ($1)', [name])
        }),
    })),
    storage: {
      executed: async () =>
        (await rows<{ name: string }>(null, 'SELECT name FROM migration ORDER BY name')).map(row => row.name),
      logMigration: async () => {
        /* written together with the migration, in its transaction */
      },
      unlogMigration: () => Promise.reject(new Error('Migrations only go forward.')),
    },
    logger: undefined,
  })
  const ran = (await umzug.up()).map(migration => migration.name)
  await priceMatching()
  return ran
}

/**
 * PostgreSQL takes matching a tsvector for free and does not count that the vector has to be fetched
 * from beside the row, so it reads whole tables instead of the index of words. The price is part of
 * the database but not of a backup, so it is set at each start; only a superuser may, and without it
 * searches are slower but right.
 */
async function priceMatching(): Promise<void> {
  await execute(
    null,
    `DO 'BEGIN ALTER FUNCTION ts_match_vq(tsvector, tsquery) COST 200; EXCEPTION WHEN insufficient_privilege ` +
      `THEN NULL; END'`,
  )
}
