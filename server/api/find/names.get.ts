import { namesQueryShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { findNames } from '../../services/find/findNames'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { q, limit } = await queryOf(event, namesQueryShape)
  return findNames(actor, q, limit)
})
