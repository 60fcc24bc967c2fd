import { runOrders } from '../services/filing/orders'

const EVERY_MS = 1500

/** Lets standing orders deal with arrivals as soon as their words are read. */
export function watchOrders(log: (message: string) => void): { stop: () => void } {
  let stopped = false
  let said = ''
  const look = async (): Promise<void> => {
    try {
      await runOrders(new Date())
      said = ''
    } catch (error) {
      const message = error instanceof Error ? error.message : String(error)
      if (message !== said) log(`orders: ${message}; tried again`)
      said = message
    }
    if (!stopped) setTimeout(() => void look(), EVERY_MS).unref()
  }
  void look()
  return {
    stop() {
      stopped = true
    },
  }
}
