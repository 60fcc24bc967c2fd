import { lockRoutes } from '../../../../contract/routes/locks'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { openForAWhile } from '../../../services/locks/locks'
import { documents } from '../../../workers/documents'

export default route(lockRoutes.open, ({ actor, body, event }) =>
  openForAWhile(actor, idInPath(event), body.passphrase, new Date(), documents.read),
)
