import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { route } from '../../../../../routing/route'
import { idInPath, secretInPath } from '../../../../../http/parse'
import { readWords } from '../../../../../services/documents/readDocument'
import { documentIn, scopeOf } from '../../../../../services/shared/scope'

export default route(sharedRoutes.words, async ({ event }) => {
  const scope = await scopeOf(secretInPath(event), new Date())
  const document = await documentIn(scope, idInPath(event))
  return readWords(scope.giver, document.id)
})
