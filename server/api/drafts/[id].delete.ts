import { signedIn } from '../../http/actor'
import { idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { discardDraft } from '../../services/drafts/drafts'

export default route(async event => {
  await discardDraft(await signedIn(event, whoIs), idInPath(event))
  return {}
})
