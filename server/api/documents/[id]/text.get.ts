import { getQuery } from 'h3'
import { signedIn } from '../../../http/actor'
import { idInPath, wholeNumberOf } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { readText } from '../../../services/documents/readDocument'

export default route(async event =>
  readText(await signedIn(event, whoIs), idInPath(event), wholeNumberOf(getQuery(event).from) ?? 1),
)
