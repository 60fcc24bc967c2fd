import { purgeRequestShape } from '../../../contract/trash'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { purge } from '../../services/trash/purge'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { id, ids, all } = await bodyOf(event, purgeRequestShape)
  return purge(actor, id, all ? null : ids, new Date())
})
