import { documentsRoutes } from '../../../../contract/routes/documents'
import { tryParseId } from '../../../../core/ids'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { suggestFor } from '../../../services/filing/suggest'

export default route(documentsRoutes.suggestions, async ({ actor, query: { folder }, event }) =>
  suggestFor(actor, idInPath(event), tryParseId<'folder'>(folder), new Date()),
)
