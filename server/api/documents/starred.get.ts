import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listStarred } from '../../services/documents/listDocuments'

export default route(async event => ({ documents: await listStarred(await signedIn(event, whoIs)), next: null }))
