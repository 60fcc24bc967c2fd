import { getQuery } from 'h3'
import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath, wholeNumberOf } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readText } from '../../../services/documents/readDocument'

export default route(documentsRoutes.text, async ({ actor, event }) =>
  readText(actor, idInPath(event), wholeNumberOf(getQuery(event).from) ?? 1),
)
