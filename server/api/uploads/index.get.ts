import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { pendingUploads } from '../../services/uploads/known'

export default route(async event => ({ uploads: await pendingUploads(await signedIn(event, whoIs)) }))
