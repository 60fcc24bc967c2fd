import { documentsRoutes } from '../../../../contract/routes/documents'
import { tryParseId } from '../../../../core/ids'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { suggestTagsFor } from '../../../services/filing/suggest'

export default route(documentsRoutes.tagSuggestions, async ({ actor, query: { folder }, event }) => ({
  tags: await suggestTagsFor(actor, idInPath(event), tryParseId<'folder'>(folder)),
}))
