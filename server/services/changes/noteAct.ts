// An act that changes no row of the plan, and stands in History all the same.

import { fail } from '../../../core/errors'
import type { Message } from '../../../core/history/index'
import type { TableName } from '../../../core/rows/index'
import type { Transaction } from '../../db/client'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById, writeEntry } from '../../db/sql/journal'
import { notify } from '../../db/sql/notify'
import type { Actor } from '../actor'

export interface NotedAct {
  readonly id: string
  readonly kind: 'lock' | 'unlock' | 'copy.give' | 'copy.mail'
  readonly said: Message
  /** What windows look at anew. */
  readonly tables: readonly TableName[]
  readonly now: Date
}

/** In the transaction of whoever holds the plan. */
export async function noteAct(
  transaction: Transaction,
  { planId, accountId }: Actor,
  { id, kind, said, tables, now }: NotedAct,
): Promise<JournalEntry> {
  const entry = { id, planId, accountId, at: now.toISOString(), kind, message: said, places: [], rows: [] }
  const revision = await writeEntry(transaction, { ...entry, undoes: null, madeBy: 'person' })
  await notify(transaction, { type: 'change', planId, revision, changeId: id, tables: [...tables], places: null })
  return (await entryById(transaction, planId, id)) ?? fail('notFound')
}
