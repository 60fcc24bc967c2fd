import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { unlanded } from '../../services/uploads/known'

export default route(async event => ({ uploads: await unlanded(await signedIn(event, whoIs)) }))
