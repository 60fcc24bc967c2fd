import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { countKept } from '../../services/find/countKept'

export default route(async event => countKept(await signedIn(event, whoIs)))
