import { findQueryShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { placeOf, queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { countFoundGroups } from '../../services/find/countFound'

export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { q, place, from, before, cursor: _, limit: __, ...asked } = await queryOf(event, findQueryShape)
  return countFoundGroups(actor, { ...asked, text: q, place: place === '' ? undefined : placeOf(place), changedFrom: from, changedBefore: before })
})
