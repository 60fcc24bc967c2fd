import { signedIn, tokenOf } from '../../http/actor'
import { route } from '../../http/route'
import { describeAccount } from '../../services/account/describeAccount'
import { whoIs } from '../../services/account/session'

export default route(async event => describeAccount(await signedIn(event, whoIs), tokenOf(event) ?? '', new Date()))
