import { setResponseHeaders } from 'h3'
import { scansRoutes } from '../../../../contract/routes/scans'
import { scanEditsShape } from '../../../../contract/scan'
import { idInPath, jsonOf } from '../../../http/parse'
import { route } from '../../../routing/route'
import { drawPage } from '../../../services/scans/scans'
import { scanPages } from '../../../workers/documents'

export default route(scansRoutes.picture, async ({ actor, query: { width, edits }, event }) => {
  const { bytes, type } = await drawPage(
    actor,
    idInPath(event),
    edits === null ? null : await jsonOf(edits, scanEditsShape),
    width,
    scanPages,
  )
  setResponseHeaders(event, {
    'content-type': type,
    'x-content-type-options': 'nosniff',
    'cache-control': 'private, max-age=60',
  })
  return bytes
})
