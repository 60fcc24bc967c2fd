import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readRecognising } from '../../services/reading/recognise'

export default route(async event => readRecognising(await signedIn(event, whoIs)))
