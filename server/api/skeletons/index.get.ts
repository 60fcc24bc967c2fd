import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listSkeletons } from '../../services/skeletons/skeletons'

export default route(async event => ({ skeletons: await listSkeletons(await signedIn(event, whoIs)) }))
