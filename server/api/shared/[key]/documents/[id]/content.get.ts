import { getQuery } from 'h3'
import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { sendBytes } from '../../../../../http/content'
import { idInPath } from '../../../../../http/parse'
import { openContent } from '../../../../../services/documents/openContent'
import { documentIn } from '../../../../../services/shared/scope'

/** Only as they are now: earlier versions were not given. */
export default route(sharedRoutes.content, async ({ event }) => {
  const scope = await openScope(event)
  const document = await documentIn(scope, idInPath(event))
  await sendBytes(event, await openContent(scope.giver, document.id, null), getQuery(event).inline === '1')
})
