import { scanEditRequestShape } from '../../../../contract/scan'
import { signedIn } from '../../../http/actor'
import { bodyOf, idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { editPage } from '../../../services/scans/scans'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  await editPage(actor, idInPath(event), (await bodyOf(event, scanEditRequestShape)).edits)
  return {}
})
