import type { Seen } from '../services/arrivals/takeArrivals'
import { takeArrivals } from '../services/arrivals/takeArrivals'
import { documents } from '../workers/documents'

const EVERY_MS = 1000

/** Looks into the arrivals folder every second; HEMBIX_ARRIVALS names it, without it nothing is watched. */
export function watchArrivals(log: (message: string) => void): { stop: () => Promise<void> } {
  const root = process.env.HEMBIX_ARRIVALS
  const seen: Seen = new Map()
  let stopped = root === undefined || root === ''
  let said = ''
  const look = async (): Promise<void> => {
    while (!stopped && root) {
      try {
        await takeArrivals(root, seen, documents.mail, new Date())
        said = ''
      } catch (error) {
        const message = error instanceof Error ? error.message : String(error)
        if (message !== said) log(`arrivals: ${message}; tried again`)
        said = message
      }
      await new Promise(resolve => {
        setTimeout(resolve, EVERY_MS).unref()
      })
    }
  }
  const looking = look()
  return {
    async stop() {
      stopped = true
      await Promise.race([
        looking,
        new Promise(resolve => {
          setTimeout(resolve, 2000).unref()
        }),
      ])
    },
  }
}
