import { historyQueryShape } from '../../../contract/change'
import { tryParseId } from '../../../core/ids'
import { signedIn } from '../../http/actor'
import { queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listHistory } from '../../services/changes/history'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { before, folder, until, ...request } = await queryOf(event, historyQueryShape)
  return listHistory(actor, before, {
    ...request,
    before: until,
    folderId: folder === null ? null : tryParseId<'folder'>(folder),
  })
})
