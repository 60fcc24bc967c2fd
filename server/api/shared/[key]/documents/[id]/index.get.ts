import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { idInPath } from '../../../../../http/parse'
import { readSharedDocument } from '../../../../../services/shared/readShared'
import { setsAsPages } from '../../../../../workers/officeSuite'

export default route(sharedRoutes.document, async ({ event }) => {
  const facts = await readSharedDocument(await openScope(event), idInPath(event))
  return { ...facts, asPages: setsAsPages(facts.extension) }
})
