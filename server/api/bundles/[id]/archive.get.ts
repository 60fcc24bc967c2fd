import { bundlesRoutes } from '../../../../contract/routes/bundles'
import { sendArchive } from '../../../http/content'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { archiveBundle } from '../../../services/bundles/archive'

export default route(bundlesRoutes.archive, async ({ actor, event }) => {
  const { name, bytes } = await archiveBundle(actor, idInPath(event))
  await sendArchive(event, name, bytes)
})
