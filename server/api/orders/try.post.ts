import { tryOrderShape } from '../../../contract/order'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { tryOrder } from '../../services/filing/orders'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { when, then } = await bodyOf(event, tryOrderShape)
  return tryOrder(actor, when, then, new Date())
})
