import { findRoutes } from '../../../contract/routes/find'
import { tryParseId } from '../../../core/ids'
import { requestIn, foundCursor, readFoundCursor } from '../../http/parse'
import { route } from '../../routing/route'
import { findDocuments } from '../../services/find/findDocuments'

export default route(findRoutes.find, async ({ actor, query: { typing, exact, near, cursor, limit, ...search } }) => {
  const found = await findDocuments(actor, {
    ...requestIn(search),
    typing,
    exact,
    limit,
    near: tryParseId(near),
    cursor: cursor === null ? null : readFoundCursor(cursor),
  })
  return { ...found, next: found.next && foundCursor(found.next) }
})
