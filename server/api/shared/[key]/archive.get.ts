import { sharedRoutes } from '../../../../contract/routes/shared'
import { openScope } from '../../../routing/openScope'
import { route } from '../../../routing/route'
import { fail } from '../../../../core/errors'
import { sendArchive } from '../../../http/content'
import { archiveThings } from '../../../services/documents/archiveThings'

export default route(sharedRoutes.archive, async ({ event }) => {
  const { giver, top } = await openScope(event)
  const { name, bytes } = await archiveThings(giver, { folderIds: [(top ?? fail('notFound')).id], documentIds: [] })
  await sendArchive(event, name, bytes)
})
