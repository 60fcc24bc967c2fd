import { releaseLostClaims } from '../services/reading/requestReading'

const EVERY_MS = 60_000

/** Gives back once a minute what was claimed by a server that ended. */
export function watchClaims(log: (message: string) => void): { stop: () => void } {
  const timer = setInterval(() => {
    releaseLostClaims().then(
      count => {
        if (count > 0) log(`claims: ${count} given back`)
      },
      (error: unknown) => {
        log(`claims: ${error instanceof Error ? error.message : String(error)}; tried again`)
      },
    )
  }, EVERY_MS)
  timer.unref()
  return {
    stop() {
      clearInterval(timer)
    },
  }
}
