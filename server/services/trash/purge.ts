import { fail } from '../../../core/errors'
import { sizeText } from '../../../core/formats/index'
import { message, namedThings } from '../../../core/history/index'
import { withTransaction } from '../../db/client'
import { entryById, writeEntry } from '../../db/sql/journal'
import { notify } from '../../db/sql/notify'
import type { JournalEntry } from '../../db/sql/journal'
import { lockPlan } from '../../db/sql/planRows'
import { deleteRoots, holdReadingsOf, rootsToPurge } from '../../db/sql/purge'
import type { Actor } from '../actor'

/**
 * Deletes for good what was put into the Trash with these ids, null: everything in it, with its bytes
 * where nothing else holds them. The one act that cannot be undone; History keeps that it was done.
 * Throws notFound, act.nothing.
 */
export async function purge(
  actor: Pick<Actor, 'planId' | 'accountId'>,
  changeId: string,
  ids: readonly string[] | null,
  now: Date,
): Promise<JournalEntry> {
  return withTransaction(async transaction => {
    await holdReadingsOf(transaction, actor.planId, ids)
    if (!(await lockPlan(transaction, actor.planId))) fail('notFound')
    const earlier = await entryById(transaction, actor.planId, changeId)
    if (earlier) return earlier
    const roots = await rootsToPurge(transaction, actor.planId, ids)
    if (roots.length === 0) fail(ids !== null && ids.length > 0 ? 'notFound' : 'act.nothing')
    const gone = await deleteRoots(
      transaction,
      actor.planId,
      roots.map(root => root.id),
    )
    const things = namedThings(
      roots.filter(root => root.target === 'folder'),
      roots.filter(root => root.target === 'document'),
    )
    const size = sizeText(gone.bytes)
    const said =
      gone.documents > roots.filter(root => root.target === 'document').length
        ? message('purgeWith', { things, documents: message('documents', { count: gone.documents }), size })
        : message('purge', { things, size })
    const revision = await writeEntry(transaction, {
      id: changeId,
      planId: actor.planId,
      accountId: actor.accountId,
      at: now.toISOString(),
      kind: 'purge',
      message: said,
      places: [],
      rows: [],
      undoes: null,
      madeBy: 'person',
    })
    await notify(transaction, {
      type: 'change',
      planId: actor.planId,
      revision,
      changeId,
      tables: ['document', 'folder'],
      places: null,
    })
    return (await entryById(transaction, actor.planId, changeId)) ?? fail('notFound')
  })
}
