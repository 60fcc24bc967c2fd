import { scansRoutes } from '../../../contract/routes/scans'
import { route } from '../../routing/route'
import { takePages } from '../../services/scans/scans'
import { simulatedScanner } from '../../standins/scanner'
import { scanPages } from '../../workers/documents'

/** What lies in the simulated scanner. */
export default route(scansRoutes.take, async ({ actor }) => ({
  pages: await takePages(actor, await simulatedScanner(actor.accountId).pages(), scanPages),
}))
