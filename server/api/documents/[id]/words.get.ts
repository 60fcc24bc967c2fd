import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { readWords } from '../../../services/documents/readDocument'

export default route(async event => readWords(await signedIn(event, whoIs), idInPath(event)))
