import { readingRoutes } from '../../../contract/routes/reading'
import { route } from '../../routing/route'
import { setRecognition } from '../../services/reading/recognise'

export default route(readingRoutes.set, async ({ actor, body: { recognising, languages } }) =>
  setRecognition(actor, recognising, languages),
)
