import { parseCommand } from '../../../contract/command'
import { changesRoutes } from '../../../contract/routes/changes'
import { route } from '../../routing/route'
import { allowedCommand } from '../../services/access/guests'
import { applyCommand } from '../../services/changes/applyCommand'

export default route(changesRoutes.apply, async ({ actor, body: { id, command } }) =>
  applyCommand(actor, id, allowedCommand(actor, await parseCommand(command)), new Date()),
)
