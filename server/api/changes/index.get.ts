import { changesRoutes } from '../../../contract/routes/changes'
import { tryParseId } from '../../../core/ids'
import { route } from '../../routing/route'
import { listHistory } from '../../services/changes/history'

export default route(changesRoutes.history, async ({ actor, query: { before, folder, until, ...request } }) => {
  return listHistory(actor, before, {
    ...request,
    before: until,
    folderId: folder === null ? null : tryParseId<'folder'>(folder),
  })
})
