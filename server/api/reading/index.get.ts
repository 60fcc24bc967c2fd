import { readingRoutes } from '../../../contract/routes/reading'
import { route } from '../../routing/route'
import { readRecognising } from '../../services/reading/recognise'

export default route(readingRoutes.state, async ({ actor }) => readRecognising(actor))
