import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listScans } from '../../services/scans/scans'

export default route(async event => ({ pages: await listScans(await signedIn(event, whoIs)) }))
