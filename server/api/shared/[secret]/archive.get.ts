import { sharedRoutes } from '../../../../contract/routes/shared'
import { route } from '../../../routing/route'
import { fail } from '../../../../core/errors'
import { sendArchive } from '../../../http/content'
import { secretInPath } from '../../../http/parse'
import { archiveThings } from '../../../services/documents/archiveThings'
import { scopeOf } from '../../../services/shared/scope'

export default route(sharedRoutes.archive, async ({ event }) => {
  const { giver, top } = await scopeOf(secretInPath(event), new Date())
  const { name, bytes } = await archiveThings(giver, { folderIds: [(top ?? fail('notFound')).id], documentIds: [] })
  await sendArchive(event, name, bytes)
})
