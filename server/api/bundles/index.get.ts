import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listBundles } from '../../services/bundles/bundles'

export default route(async event => ({ bundles: await listBundles(await signedIn(event, whoIs)) }))
