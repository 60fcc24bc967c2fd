import { getQuery } from 'h3'
import { signedIn } from '../../../http/actor'
import { sendBytes } from '../../../http/content'
import { idInPath, wholeNumberOf } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { openContent } from '../../../services/documents/openContent'

/** The very bytes. `inline=1` lets a browser show them in place where that is safe; `version` gives an earlier one. */
export default route(async event => {
  const { version, inline } = getQuery(event)
  const content = await openContent(await signedIn(event, whoIs), idInPath(event), wholeNumberOf(version))
  await sendBytes(event, content, inline === '1')
})
