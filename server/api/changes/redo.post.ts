import { redoRequestShape } from '../../../contract/change'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { redoChange } from '../../services/changes/undo'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { id } = await bodyOf(event, redoRequestShape)
  return redoChange(actor, id, new Date())
})
