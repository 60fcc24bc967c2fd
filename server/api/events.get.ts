import { createEventStream } from 'h3'
import { serverRoutes } from '../../contract/routes/server'
import { tokenOf } from '../http/actor'
import { takeSlots } from '../http/slots'
import { route } from '../routing/route'
import { whoIs } from '../services/account/session'
import { subscribeToPlan } from '../services/events/planEvents'
import { comeToPlan } from '../services/events/presence'

const BEAT_MS = 20_000
// A window has one; a person has some windows.
const [STREAMS_PER_ACCOUNT, STREAMS_LIMIT] = [24, 1000]

/** Server-sent events until the window closes; a beat keeps proxies from ending the connection. */
export default route(serverRoutes.events, async ({ actor, event, query }) => {
  const giveBack = takeSlots({ [`streams of ${actor.accountId}`]: STREAMS_PER_ACCOUNT, streams: STREAMS_LIMIT })
  const stream = createEventStream(event)
  const unsubscribe = subscribeToPlan(actor.planId, text => void stream.push(text))
  const leave = comeToPlan(actor.planId, {
    accountId: actor.accountId,
    name: actor.name || actor.email,
    id: query.window ?? null,
    tell: people => void stream.push(JSON.stringify({ type: 'here', people })),
  })
  const beat = setInterval(() => void keepUp(), BEAT_MS)
  const keepUp = async () => {
    const token = tokenOf(event)
    // A session that was ended, or works in another plan, hears nothing more; one that cannot be looked up now is asked
    // about at the next beat.
    const isEnded =
      token === null ||
      (await whoIs(token).then(
        found => found?.planId !== actor.planId,
        () => false,
      ))
    if (isEnded) await stream.close()
    else await stream.push({ event: 'beat', data: '' })
  }
  stream.onClosed(async () => {
    clearInterval(beat)
    unsubscribe()
    leave()
    giveBack()
    await stream.close()
  })
  void stream.push({ event: 'beat', data: '' })
  return stream.send()
})
