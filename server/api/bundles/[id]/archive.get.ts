import { signedIn } from '../../../http/actor'
import { sendArchive } from '../../../http/content'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { archiveBundle } from '../../../services/bundles/archive'

export default route(async event => {
  const { name, bytes } = await archiveBundle(await signedIn(event, whoIs), idInPath(event))
  await sendArchive(event, name, bytes)
})
