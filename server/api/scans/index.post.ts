import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { scanPages } from '../../workers/documents'
import { whoIs } from '../../services/account/session'
import { takePages } from '../../services/scans/scans'
import { simulatedScanner } from '../../standins/scanner'

/** What lies in the simulated scanner. */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  return { pages: await takePages(actor, await simulatedScanner(Math.floor(Date.now() / 1000)).pages(), scanPages) }
})
