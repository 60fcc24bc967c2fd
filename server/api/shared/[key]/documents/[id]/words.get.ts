import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { idInPath } from '../../../../../http/parse'
import { readWords } from '../../../../../services/documents/readDocument'
import { documentIn } from '../../../../../services/shared/scope'

export default route(sharedRoutes.words, async ({ event }) => {
  const scope = await openScope(event)
  const document = await documentIn(scope, idInPath(event))
  return readWords(scope.giver, document.id)
})
