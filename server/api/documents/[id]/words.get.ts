import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readWords } from '../../../services/documents/readDocument'

export default route(documentsRoutes.words, async ({ actor, event }) => readWords(actor, idInPath(event)))
