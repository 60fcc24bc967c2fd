import { registerQueryShape } from '../../../contract/document'
import { signedIn } from '../../http/actor'
import { placeOf, queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listDocuments } from '../../services/documents/listDocuments'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { folder, ...request } = await queryOf(event, registerQueryShape)
  return listDocuments(actor, { ...request, folderId: placeOf(folder) })
})
