import { readMultipartFormData, sendRedirect } from 'h3'
import { fail } from '../../core/errors'
import { sizeText } from '../../core/formats/index'
import { signedIn } from '../http/actor'
import { wholeNumberOf } from '../http/parse'
import { route } from '../http/route'
import { whoIs } from '../services/account/session'
import { takeShared } from '../services/arrivals/takeShared'

const LIMIT_BYTES = 256 * 1024 * 1024

/** What another program hands to the installed app (Web Share Target); it lies in the In-tray afterwards. */
export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  if ((wholeNumberOf(event.node.req.headers['content-length']) ?? 0) > LIMIT_BYTES) fail('upload.large', { name: 'What was handed over', limit: sizeText(LIMIT_BYTES) })
  const parts = (await readMultipartFormData(event)) ?? []
  const text = (name: string) => parts.find(part => part.name === name)?.data.toString('utf8').trim() ?? ''
  const files = parts.flatMap(({ name, filename, data }) => (name === 'files' && filename ? [{ name: filename, bytes: data }] : []))
  await takeShared(actor, { title: text('title'), text: text('text'), address: text('url'), files }, new Date())
  return sendRedirect(event, '/in-tray', 303)
})
