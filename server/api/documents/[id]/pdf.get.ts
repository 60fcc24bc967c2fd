import { getQuery } from 'h3'
import { documentsRoutes } from '../../../../contract/routes/documents'
import { sendBytes } from '../../../http/content'
import { idInPath, wholeNumberOf } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readAsPages } from '../../../services/documents/readAsPages'
import { setAsPages } from '../../../workers/officeSuite'

/** An office document as a PDF, set by the office suite of this machine; `version` gives an earlier content. */
export default route(documentsRoutes.asPdf, async ({ actor, event }) => {
  const { version, inline } = getQuery(event)
  const pdf = await readAsPages(actor, idInPath(event), wholeNumberOf(version), setAsPages)
  await sendBytes(event, pdf, inline === '1')
})
