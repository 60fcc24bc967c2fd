import { parseCommand } from '../../../contract/command'
import { changesRoutes } from '../../../contract/routes/changes'
import { route } from '../../routing/route'
import { applyCommand } from '../../services/changes/applyCommand'

export default route(changesRoutes.apply, async ({ actor, body: { id, command } }) =>
  applyCommand(actor, id, await parseCommand(command), new Date()),
)
