import { MAIL_QUEUE, MAINTENANCE_QUEUE, queue, stopQueue } from '../db/queue'
import { deriveAgain } from '../services/changes/deriveAgain'
import { sendWaiting } from '../services/mail/sendWaiting'
import { requeueOlderReadings, resumeReadings } from '../services/reading/requestReading'
import { sealWhatIsLeft } from '../services/locks/sealCovered'
import { stopWorkers } from '../workers/documents'
import { dailyMaintenance } from './dailyMaintenance'
import { openWaiting } from './openWaiting'
import { watchArrivals } from './watchArrivals'
import { watchClaims } from './watchClaims'
import { watchOrders } from './watchOrders'

const RETRY_MS = 2000

/** Starts the background jobs, and keeps trying while the database is away. */
export function startJobs(log: (message: string) => void): { stop: () => Promise<void> } {
  let stopped = false
  let opening: ReturnType<typeof openWaiting> | null = null
  const start = async (): Promise<void> => {
    await sealWhatIsLeft()
    await resumeReadings()
    if (!stopped) opening ??= openWaiting(log)
    const boss = await queue(error => log(`queue: ${error.message}`))
    await boss.work(MAINTENANCE_QUEUE, { pollingIntervalSeconds: 60 }, () => dailyMaintenance(log, new Date()))
    await boss.schedule(MAINTENANCE_QUEUE, '17 3 * * *')
    // What a mail server would not take, or what was written as a server ended.
    await boss.work(MAIL_QUEUE, { pollingIntervalSeconds: 60 }, sendWaiting)
    await boss.schedule(MAIL_QUEUE, '*/10 * * * *')
    await deriveAgain(() => stopped)
    await requeueOlderReadings()
  }
  const keepTrying = () => {
    start().catch((error: unknown) => {
      if (stopped) return
      log(`jobs: ${error instanceof Error ? error.message : String(error)}; trying again`)
      setTimeout(keepTrying, RETRY_MS)
    })
  }
  keepTrying()
  const arrivals = watchArrivals(log)
  const orders = watchOrders(log)
  const claims = watchClaims(log)
  return {
    async stop() {
      stopped = true
      orders.stop()
      claims.stop()
      opening?.stop()
      stopWorkers()
      await arrivals.stop()
      await stopQueue()
    },
  }
}
