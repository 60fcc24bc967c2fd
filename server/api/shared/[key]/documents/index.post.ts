import { sharedRoutes } from '../../../../../contract/routes/shared'
import { wholeNumberOf } from '../../../../http/parse'
import { bodyStream } from '../../../../http/stream'
import { inUploadSlot } from '../../../../http/uploadSlots'
import { openScope } from '../../../../routing/openScope'
import { route } from '../../../../routing/route'
import { addToShared } from '../../../../services/shared/changeShared'

export default route(sharedRoutes.add, async ({ actor, query, event }) => {
  const scope = await openScope(event)
  return inUploadSlot(actor.accountId, () =>
    addToShared(
      scope,
      query.folder,
      {
        changeId: query.change,
        documentId: query.document,
        fileName: query.name,
        changedAt: new Date(query.changed).toISOString(),
        bytes: bodyStream(event),
        announcedBytes: wholeNumberOf(event.node.req.headers['content-length']),
      },
      new Date(),
    ),
  )
})
