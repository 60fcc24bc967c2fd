import { sendRedirect } from 'h3'
import { signedIn } from '../http/actor'
import { formOf } from '../http/form'
import { route } from '../http/route'
import { whoIs } from '../services/account/session'
import { takeShared } from '../services/arrivals/takeShared'
import { uploadLimit } from '../services/documents/addUpload'
import { storeStream } from '../services/documents/storeFile'

/** What another program hands to the installed app (Web Share Target); it lies in the In-tray afterwards. */
export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { fields, files } = await formOf(event, 'files', uploadLimit(), async (name, bytes) => ({ name, blob: await storeStream(actor, name, bytes) }))
  const text = (name: string) => fields.get(name) ?? ''
  await takeShared(actor, { title: text('title'), text: text('text'), address: text('url'), files }, new Date())
  return sendRedirect(event, '/in-tray', 303)
})
