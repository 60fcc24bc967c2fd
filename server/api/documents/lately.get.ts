import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listLately } from '../../services/documents/lately'

export default route(async event => listLately(await signedIn(event, whoIs)))
