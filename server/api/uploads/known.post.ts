import { knownRequestShape } from '../../../contract/upload'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { findKnown } from '../../services/uploads/known'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { sizes, hashes } = await bodyOf(event, knownRequestShape)
  return findKnown(actor, sizes, hashes)
})
