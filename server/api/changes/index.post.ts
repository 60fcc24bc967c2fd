import { changeRequestShape, parseCommand } from '../../../contract/command'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { applyCommand } from '../../services/changes/applyCommand'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { id, command } = await bodyOf(event, changeRequestShape)
  return applyCommand(actor, id, await parseCommand(command), new Date())
})
