import { parseCommand } from '../../../../../contract/command'
import { sharedRoutes } from '../../../../../contract/routes/shared'
import { openScope } from '../../../../routing/openScope'
import { route } from '../../../../routing/route'
import { changeShared } from '../../../../services/shared/changeShared'

export default route(sharedRoutes.change, async ({ body: { id, command }, event }) =>
  changeShared(await openScope(event), id, await parseCommand(command), new Date()),
)
