import { hitsQueryShape } from '../../../../contract/document'
import { signedIn } from '../../../http/actor'
import { idInPath, queryOf } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { listHits } from '../../../services/documents/listHits'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { q } = await queryOf(event, hitsQueryShape)
  return listHits(actor, idInPath(event), q)
})
