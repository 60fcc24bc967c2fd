import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { scanPages } from '../../../workers/documents'
import { whoIs } from '../../../services/account/session'
import { readPage } from '../../../services/scans/scans'

export default route(async event => readPage(await signedIn(event, whoIs), idInPath(event), scanPages))
