import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { readAgain } from '../../../services/reading/requestReading'

export default route(async event => {
  await readAgain(await signedIn(event, whoIs), idInPath(event))
  return { state: 'waiting' }
})
