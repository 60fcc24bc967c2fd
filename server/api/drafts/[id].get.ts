import { signedIn } from '../../http/actor'
import { idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readDraft } from '../../services/drafts/drafts'

export default route(async event => readDraft(await signedIn(event, whoIs), idInPath(event)))
