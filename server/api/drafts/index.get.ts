import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listDrafts } from '../../services/drafts/drafts'

export default route(async event => ({ drafts: await listDrafts(await signedIn(event, whoIs)) }))
