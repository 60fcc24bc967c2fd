import { sendRedirect } from 'h3'
import { uploadsRoutes } from '../../contract/routes/uploads'
import { formOf } from '../http/form'
import { route } from '../routing/route'
import { sharedArrival } from '../services/arrivals/sharedArrival'
import { takeIn } from '../services/arrivals/takeIn'
import { uploadLimit } from '../services/documents/addUpload'
import { storeStream } from '../services/documents/storeFile'

/** What another program hands to the installed app (Web Share Target); it lies in the In-tray afterwards. */
export default route(uploadsRoutes.share, async ({ actor, event }) => {
  const { fields, files } = await formOf(event, 'files', uploadLimit(), async (name, bytes) => ({
    name,
    blob: await storeStream(actor, name, bytes),
  }))
  const text = (name: string) => fields.get(name) ?? ''
  const now = new Date()
  await takeIn(
    actor,
    sharedArrival({ title: text('title'), text: text('text'), address: text('url'), files }, now),
    now,
  )
  await sendRedirect(event, '/in-tray', 303)
  return undefined
})
