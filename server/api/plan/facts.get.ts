import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readFolderFacts } from '../../services/plan/readFolderFacts'

export default route(async event => ({ folders: await readFolderFacts(await signedIn(event, whoIs)) }))
