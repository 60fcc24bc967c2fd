import { clashRequestShape } from '../../../contract/document'
import { signedIn } from '../../http/actor'
import { bodyOf, placeOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { findClashes } from '../../services/documents/addUpload'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { folder, names } = await bodyOf(event, clashRequestShape)
  return { clashes: await findClashes(actor, placeOf(folder), names) }
})
