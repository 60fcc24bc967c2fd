import { signedIn } from '../../http/actor'
import { idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readBundle } from '../../services/bundles/bundles'

export default route(async event => readBundle(await signedIn(event, whoIs), idInPath(event)))
