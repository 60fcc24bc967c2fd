import { requeueLostReadings } from '../services/reading/requestReading'

const EVERY_MS = 60_000

/** Looks once a minute whether a document waits to be read that no job would read, and asks for it again. */
export function watchReadings(log: (message: string) => void): { stop: () => void } {
  const timer = setInterval(() => {
    requeueLostReadings().then((count) => { if (count > 0) log(`reading: ${count} asked for again`) }, (error: unknown) => {
      log(`reading: ${error instanceof Error ? error.message : String(error)}; tried again`)
    })
  }, EVERY_MS)
  timer.unref()
  return { stop() { clearInterval(timer) } }
}
