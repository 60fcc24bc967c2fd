import { landRequestShape } from '../../../contract/upload'
import { signedIn } from '../../http/actor'
import { bodyOf, placeOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { commitUploads } from '../../services/uploads/commitUploads'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { change, folder, folders, files, origin } = await bodyOf(event, landRequestShape)
  return commitUploads(actor, { changeId: change, folderId: placeOf(folder), folders, files, origin }, new Date())
})
