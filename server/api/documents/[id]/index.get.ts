import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readDocument } from '../../../services/documents/readDocument'
import { setsAsPages } from '../../../workers/officeSuite'

export default route(documentsRoutes.read, async ({ actor, event }) => {
  const facts = await readDocument(actor, idInPath(event))
  return { ...facts, asPages: setsAsPages(facts.extension) }
})
