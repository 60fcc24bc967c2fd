import { getQuery } from 'h3'
import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { route } from '../../../../../routing/route'
import { idInPath, secretInPath, wholeNumberOf } from '../../../../../http/parse'
import { readText } from '../../../../../services/documents/readDocument'
import { documentIn, scopeOf } from '../../../../../services/shared/scope'

export default route(sharedRoutes.text, async ({ event }) => {
  const scope = await scopeOf(secretInPath(event), new Date())
  const document = await documentIn(scope, idInPath(event))
  return readText(scope.giver, document.id, wholeNumberOf(getQuery(event).from) ?? 1)
})
