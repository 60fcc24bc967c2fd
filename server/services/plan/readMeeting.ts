import type { MeetingReply } from '../../../contract/plan'
import { fail } from '../../../core/errors'
import type { FolderId } from '../../../core/ids'
import { numberTree } from '../../../core/numbering/index'
import { needsOf } from '../../../core/plan/commands/index'
import { meetingOf } from '../../../core/plan/index'
import { isInside } from '../../../core/tree/index'
import { withTransaction } from '../../db/client'
import { planById } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { LOCALE } from '../actor'
import { loadSlice } from '../changes/loadSlice'

/** What merging would do, for the dialog that asks. Throws notFound, folder.intoItself. */
export function readMeeting(actor: Actor, fromId: FolderId, intoId: FolderId): Promise<MeetingReply> {
  return withTransaction(async transaction => {
    const plan = (await planById(actor.planId)) ?? fail('notFound')
    const slice = await loadSlice(transaction, plan, needsOf({ kind: 'folder.merge', fromId, intoId, choices: [] }))
    const live = [...slice.folders.values()].filter(folder => folder.trashedAt === null)
    const { tree } = numberTree(slice.plan, live, LOCALE)
    const from = tree.byId.get(fromId) ?? fail('notFound')
    if (!tree.byId.has(intoId)) fail('notFound')
    if (isInside(tree, intoId, fromId)) fail('folder.intoItself', { name: from.name })
    const meeting = meetingOf(tree, slice, fromId, intoId)
    return {
      folders: [...meeting.folders],
      moved: meeting.moved.map(({ folder }) => folder.id),
      documents: meeting.placements.length,
      clashes: [...meeting.documents],
    }
  })
}
