import { documentsRoutes } from '../../../contract/routes/documents'
import { sendArchive } from '../../http/content'
import { idsOf } from '../../http/parse'
import { route } from '../../routing/route'
import { archiveThings } from '../../services/documents/archiveThings'

export default route(documentsRoutes.archive, async ({ actor, query: { folders, documents }, event }) => {
  const { name, bytes } = await archiveThings(actor, {
    folderIds: idsOf<'folder'>(folders),
    documentIds: idsOf<'document'>(documents),
  })
  await sendArchive(event, name, bytes)
})
