import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readLastActs } from '../../services/changes/history'

export default route(async event => readLastActs(await signedIn(event, whoIs)))
