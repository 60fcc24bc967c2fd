import { findQueryShape } from '../../../contract/find'
import { tryParseId } from '../../../core/ids'
import { signedIn } from '../../http/actor'
import { requestIn, foundCursor, queryOf, readFoundCursor } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { findDocuments } from '../../services/find/findDocuments'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { typing, exact, near, cursor, limit, ...query } = await queryOf(event, findQueryShape)
  const found = await findDocuments(actor, {
    ...requestIn(query),
    typing,
    exact,
    limit,
    near: tryParseId(near),
    cursor: cursor === null ? null : readFoundCursor(cursor),
  })
  return { ...found, next: found.next && foundCursor(found.next) }
})
