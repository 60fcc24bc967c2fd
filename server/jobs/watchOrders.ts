import { onEvent } from '../services/events/planEvents'
import { runOrders } from '../services/filing/orders'

// Several events within so long are looked at once.
const GATHERED_MS = 300
const RETRY_MS = 1500
// A server is told of what changed; this is for what it was not told, as while its connection was lost.
const IDLE_MS = 15_000

/** Lets standing orders deal with arrivals as soon as their words are read: whenever something of a plan changed. */
export function watchOrders(log: (message: string) => void): { stop: () => void } {
  let stopped = false
  let said = ''
  let [isLooking, isWanted] = [false, false]
  let timer: NodeJS.Timeout | null = null

  const lookIn = (ms: number): void => {
    if (stopped || timer) return
    timer = setTimeout(() => void look(), ms)
    timer.unref()
  }
  const look = async (): Promise<void> => {
    timer = null
    isLooking = true
    isWanted = false
    try {
      if (await runOrders(new Date())) isWanted = true
      said = ''
    } catch (error) {
      const message = error instanceof Error ? error.message : String(error)
      if (message !== said) log(`orders: ${message}; tried again`)
      said = message
      lookIn(RETRY_MS)
    }
    isLooking = false
    if (isWanted) lookIn(GATHERED_MS)
  }
  const wake = (): void => {
    isWanted = true
    if (!isLooking) lookIn(GATHERED_MS)
  }

  const unsubscribe = onEvent(wake)
  const idle = setInterval(wake, IDLE_MS)
  idle.unref()
  wake()
  return {
    stop() {
      stopped = true
      unsubscribe()
      clearInterval(idle)
      if (timer) clearTimeout(timer)
    },
  }
}
