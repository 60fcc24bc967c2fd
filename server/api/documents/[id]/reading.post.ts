import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readAgain } from '../../../services/reading/requestReading'

export default route(documentsRoutes.readAgain, async ({ actor, event }) => {
  await readAgain(actor, idInPath(event))
  return { state: 'waiting' } as const
})
