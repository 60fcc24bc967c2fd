// The one place through which anything of a plan is written: rows, what is derived from them, the
// journal, and the word to other windows, in the transaction of the caller, who holds the plan's lock.

import type { RowChange } from '../../../core/change/index'
import { madeByOf } from '../../../core/change/index'
import type { Message } from '../../../core/history/index'
import { serialsIn } from '../../../core/plan/index'
import type { Transaction } from '../../db/client'
import { documentsTagged, refreshDerived, touchFolders } from '../../db/sql/derived'
import { brokenAmong, checkKeys } from '../../db/sql/invariants'
import { writeEntry } from '../../db/sql/journal'
import { notify } from '../../db/sql/notify'
import { keepSerials } from '../../db/sql/planRows'
import { writeRows } from '../../db/sql/writeRows'
import type { Actor } from '../actor'
import type { JobPriority } from '../reading/requestReading'
import { requestReadings } from '../reading/requestReading'
import { tellPeople } from '../access/tellPeople'
import { sealAfter } from '../locks/sealCovered'
import { writeNews } from '../mail/writeNews'
import type { Between } from './longAct'
import { watched } from './longAct'

export interface ChangeToWrite {
  readonly id: string
  readonly kind: string
  readonly message: Message
  readonly places: readonly (string | null)[]
  readonly rows: readonly RowChange[]
  readonly undoes: string | null
  readonly at: string
  /** When the documents that it brings are read; left out: at once. */
  readonly readings?: JobPriority
}

/** The rows no longer fit the plan: another change stands in between. Nothing of the transaction may be kept. */
export class StaleRowsError extends Error {
  /** `idTaken`: a row that is new has the id of one that the plan has. */
  constructor(readonly idTaken = false) {
    super()
  }
}

// What can bring contents under a lock.
const CONTENTS: ReadonlySet<RowChange['table']> = new Set(['placement', 'version', 'folder'])

// A notice has to fit into 8,000 bytes; with more places than these, windows look at everything.
const NOTICE_PLACES = 40

/** The revision that the plan has now. Throws StaleRowsError, act.stopped. */
export function writeChange(transaction: Transaction, actor: Actor, change: ChangeToWrite): Promise<number> {
  return watched(transaction, actor, change.id, change.rows.length, between =>
    write(transaction, actor, change, between),
  )
}

async function write(transaction: Transaction, actor: Actor, change: ChangeToWrite, between: Between): Promise<number> {
  const written = await writeRows(transaction, actor.planId, change.rows, between).catch(toConflict)
  if (written !== change.rows.length) throw new StaleRowsError()
  await requestReadings(transaction, actor.planId, withContents(change.rows), change.readings)
  // Where only places are new, words and names stay as they are, and the places were written with their copies.
  const rewritten = new Set([
    ...idsIn(change.rows, 'document'),
    ...taggedDocuments(change.rows),
    ...(await documentsTagged(transaction, actor.planId, changedTags(change.rows))),
  ])
  await refreshDerived(transaction, actor.planId, [...rewritten])
  await touchFolders(
    transaction,
    actor.planId,
    [...idsIn(change.rows, 'folder'), ...change.places.filter(id => id !== null)],
    change.at,
  )
  await keepSerials(transaction, actor.planId, serialsIn(change.rows))
  await checkKeys(transaction).catch(toConflict)
  const broken = await brokenAmong(
    transaction,
    actor.planId,
    idsIn(change.rows, 'folder'),
    touchedDocuments(change.rows),
  )
  if (broken.length > 0) throw new StaleRowsError(broken.some(({ kind }) => kind === 'idTaken'))
  await between(change.rows.length)
  const places = change.places.map(id => id ?? actor.planId)
  const { id, kind, message, at, rows, undoes } = change
  const revision = await writeEntry(transaction, {
    id,
    planId: actor.planId,
    accountId: actor.accountId,
    at,
    kind,
    message,
    places,
    rows,
    undoes,
    madeBy: undoes === null ? madeByOf(rows) : 'person',
  })
  const tables = [...new Set(change.rows.map(row => row.table))]
  await notify(transaction, {
    type: 'change',
    planId: actor.planId,
    revision,
    changeId: id,
    tables,
    places: places.length > NOTICE_PLACES ? null : places,
  })
  await tellPeople(transaction, actor.planId, change.rows)
  await writeNews(transaction, actor, change)
  if (change.rows.some(({ table }) => CONTENTS.has(table))) await sealAfter(transaction, actor.planId)
  return revision
}

function idsIn(rows: readonly RowChange[], table: RowChange['table']): string[] {
  return rows.filter(row => row.table === table).map(row => row.id)
}

/** Documents that come, or get other contents. */
function withContents(rows: readonly RowChange[]): string[] {
  return rows.flatMap(row =>
    row.table === 'document' && (row.op === 'insert' || (row.op === 'update' && row.after.blobId !== undefined))
      ? [row.id]
      : [],
  )
}

function touchedDocuments(rows: readonly RowChange[]): string[] {
  return [...new Set([...idsIn(rows, 'document'), ...placedDocuments(rows)])]
}

/** Documents that get a tag or lose one: they are found by its words. */
function taggedDocuments(rows: readonly RowChange[]): string[] {
  return rows.flatMap(row => {
    if (row.table !== 'tagging' || row.op === 'update') return []
    const { target, targetId } = row.op === 'insert' ? row.after : row.before
    return target === 'document' ? [targetId] : []
  })
}

/** Tags that are called otherwise, or took over what another one was on. */
function changedTags(rows: readonly RowChange[]): string[] {
  return [
    ...idsIn(rows, 'tag'),
    ...rows.flatMap(row =>
      row.table === 'tagging' && row.op === 'update' && row.after.tagId ? [row.after.tagId] : [],
    ),
  ]
}

/** Documents that get a place or lose one. */
function placedDocuments(rows: readonly RowChange[]): string[] {
  const ids = new Set<string>()
  for (const row of rows) {
    if (row.table !== 'placement') continue
    if (row.op === 'insert') ids.add(row.after.documentId)
    if (row.op === 'delete') ids.add(row.before.documentId)
  }
  return [...ids]
}

/** A key that is taken, or points at nothing, means that the rows do not fit. */
function toConflict(error: unknown): never {
  const { code, constraint = '' } = (error as { parent?: { code?: string; constraint?: string } }).parent ?? {}
  throw code === '23503' || code === '23505' ? new StaleRowsError(constraint.endsWith('_pkey')) : error
}
