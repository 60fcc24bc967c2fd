import { suggestionsQueryShape } from '../../../../contract/filing'
import { tryParseId } from '../../../../core/ids'
import { signedIn } from '../../../http/actor'
import { idInPath, queryOf } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { suggestFor } from '../../../services/filing/suggest'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { folder } = await queryOf(event, suggestionsQueryShape)
  return suggestFor(actor, idInPath(event), tryParseId<'folder'>(folder), new Date())
})
