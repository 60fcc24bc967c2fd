import { signedIn } from '../../http/actor'
import { idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { lookInside } from '../../services/trash/lookInside'

export default route(async event => lookInside(await signedIn(event, whoIs), idInPath(event)))
