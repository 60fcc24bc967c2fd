import { getQuery } from 'h3'
import { documentsRoutes } from '../../../../contract/routes/documents'
import { sendBytes } from '../../../http/content'
import { idInPath, wholeNumberOf } from '../../../http/parse'
import { route } from '../../../routing/route'
import { openContent } from '../../../services/documents/openContent'

/** The very bytes. `inline=1` lets a browser show them in place where that is safe; `version` gives an earlier one. */
export default route(documentsRoutes.content, async ({ actor, event }) => {
  const { version, inline } = getQuery(event)
  const content = await openContent(actor, idInPath(event), wholeNumberOf(version))
  await sendBytes(event, content, inline === '1')
})
