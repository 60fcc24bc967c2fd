import { passwordRequestShape } from '../../../contract/account'
import { signedIn, tokenOf } from '../../http/actor'
import { originOf } from '../../http/origin'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { changePassword } from '../../services/account/changePassword'
import { whoIs } from '../../services/account/session'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { current, next } = await bodyOf(event, passwordRequestShape)
  return changePassword(actor, { current, next, token: tokenOf(event) ?? '' }, originOf(event), new Date())
})
