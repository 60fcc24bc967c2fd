import { countsQueryShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { requestIn, queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listFoundIds } from '../../services/find/foundIds'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { typing, ...query } = await queryOf(event, countsQueryShape)
  return listFoundIds(actor, { ...requestIn(query), typing })
})
