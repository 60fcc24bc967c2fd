import { undoRequestShape } from '../../../contract/change'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { undoChange } from '../../services/changes/undo'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { id, changeId } = await bodyOf(event, undoRequestShape)
  return undoChange(actor, id, changeId, new Date())
})
