import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readOutline } from '../../services/plan/readOutline'

export default route(async event => readOutline(await signedIn(event, whoIs)))
