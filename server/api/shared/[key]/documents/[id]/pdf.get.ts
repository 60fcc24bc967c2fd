import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { sendBytes } from '../../../../../http/content'
import { idInPath } from '../../../../../http/parse'
import { readAsPages } from '../../../../../services/documents/readAsPages'
import { documentIn } from '../../../../../services/shared/scope'
import { setAsPages } from '../../../../../workers/officeSuite'

export default route(sharedRoutes.asPdf, async ({ event }) => {
  const scope = await openScope(event)
  const { id } = await documentIn(scope, idInPath(event))
  await sendBytes(event, await readAsPages(scope.giver, id, null, setAsPages), true)
})
