import { findQueryShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { hitCursor, placeOf, queryOf, readHitCursor } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { findDocuments } from '../../services/find/findDocuments'

export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { q, types, place, from, before, cursor, ...asked } = await queryOf(event, findQueryShape)
  const found = await findDocuments(actor, {
    ...asked, text: q, types, place: place === '' ? undefined : placeOf(place), changedFrom: from, changedBefore: before,
    after: cursor === null ? null : readHitCursor(cursor),
  })
  return { ...found, next: found.next && hitCursor(found.next) }
})
