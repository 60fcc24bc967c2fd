import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listTrash } from '../../services/trash/listTrash'

export default route(async event => ({ items: await listTrash(await signedIn(event, whoIs)) }))
