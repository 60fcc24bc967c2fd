import { createEventStream } from 'h3'
import { signedIn, tokenOf } from '../http/actor'
import { route } from '../http/route'
import { whoIs } from '../services/account/session'
import { hearPlan } from '../services/events/planEvents'

const BEAT_MS = 20_000

/** Server-sent events until the window closes; a beat keeps proxies from ending the connection. */
export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const stream = createEventStream(event)
  const deaf = hearPlan(actor.planId, text => void stream.push(text))
  const beat = setInterval(() => void keepUp(), BEAT_MS)
  const keepUp = async () => {
    const token = tokenOf(event)
    // A session that was ended hears nothing more; one that cannot be looked up now is asked about at the next beat.
    const isEnded = token === null || await whoIs(token).then(found => found === null, () => false)
    if (isEnded) await stream.close()
    else await stream.push({ event: 'beat', data: '' })
  }
  stream.onClosed(async () => {
    clearInterval(beat)
    deaf()
    await stream.close()
  })
  void stream.push({ event: 'beat', data: '' })
  return stream.send()
})
