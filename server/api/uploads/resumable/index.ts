import { signedIn } from '../../../http/actor'
import { explained, route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { resumable } from '../../../services/uploads/resumable'

/** The open tus protocol: begins an upload. */
export default route(async event => resumable(await signedIn(event, whoIs), null, event.node.req, event.node.res, explained))
