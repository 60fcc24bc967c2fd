import { getQuery } from 'h3'
import { signedIn } from '../../http/actor'
import { wholeNumberOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listHistory } from '../../services/changes/history'

/** `before` is the revision given as `next` with the page before. */
export default route(async event => listHistory(await signedIn(event, whoIs), wholeNumberOf(getQuery(event).before)))
