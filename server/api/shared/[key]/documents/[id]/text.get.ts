import { getQuery } from 'h3'
import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { idInPath, wholeNumberOf } from '../../../../../http/parse'
import { readText } from '../../../../../services/documents/readDocument'
import { documentIn } from '../../../../../services/shared/scope'

export default route(sharedRoutes.text, async ({ event }) => {
  const scope = await openScope(event)
  const document = await documentIn(scope, idInPath(event))
  return readText(scope.giver, document.id, wholeNumberOf(getQuery(event).from) ?? 1)
})
