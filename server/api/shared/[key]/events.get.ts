import { createEventStream } from 'h3'
import { sharedRoutes } from '../../../../contract/routes/shared'
import { takeSlots } from '../../../http/slots'
import { openScope } from '../../../routing/openScope'
import { route } from '../../../routing/route'
import { followShared } from '../../../services/shared/followShared'

const BEAT_MS = 20_000
// Whoever has a link is nobody in particular: all of them share these.
const [STREAMS_PER_THING, STREAMS_LIMIT] = [200, 1000]

/** Tells that something in it changed, without what; and once, that it is no longer given. */
export default route(sharedRoutes.events, async ({ event }) => {
  const scope = await openScope(event)
  const giveBack = takeSlots({ [`shared streams of ${scope.targetId}`]: STREAMS_PER_THING, streams: STREAMS_LIMIT })
  const stream = createEventStream(event)
  const stop = followShared(scope, () => openScope(event), {
    changed: () => void stream.push(JSON.stringify({ type: 'changed' })),
    gone: async () => {
      await stream.push(JSON.stringify({ type: 'gone' }))
      await stream.close()
    },
  })
  const beat = setInterval(() => void stream.push({ event: 'beat', data: '' }), BEAT_MS)
  stream.onClosed(async () => {
    clearInterval(beat)
    stop()
    giveBack()
    await stream.close()
  })
  void stream.push({ event: 'beat', data: '' })
  return stream.send()
})
