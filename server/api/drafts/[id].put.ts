import { draftPutShape } from '../../../contract/draft'
import { signedIn } from '../../http/actor'
import { bodyOf, idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { keepDraft } from '../../services/drafts/drafts'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  await keepDraft(actor, { id: idInPath(event), ...(await bodyOf(event, draftPutShape)) }, new Date())
  return {}
})
