import { uploadsRoutes } from '../../../contract/routes/uploads'
import { placeOf } from '../../http/parse'
import { route } from '../../routing/route'
import { commitUploads } from '../../services/uploads/commitUploads'

export default route(uploadsRoutes.commit, async ({ actor, body: { change, folder, folders, files, origin } }) =>
  commitUploads(actor, { changeId: change, folderId: placeOf(folder), folders, files, origin }, new Date()),
)
