import { registerQueryShape } from '../../../contract/document'
import { signedIn } from '../../http/actor'
import { placeOf, queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listDocumentIds } from '../../services/documents/listDocuments'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { folder, sort, descending } = await queryOf(event, registerQueryShape)
  return { ids: await listDocumentIds(actor, placeOf(folder), sort, descending) }
})
