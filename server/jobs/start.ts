import { queue, READ_QUEUE, stopQueue, SWEEP_QUEUE, THUMBNAIL_QUEUE } from '../db/queue'
import { deriveAgain } from '../services/changes/deriveAgain'
import { requeueOlderReadings, requeueOpenReadings } from '../services/reading/requestReading'
import { startReaders } from '../extract/readers'
import { drawThumbnail } from '../services/thumbnails/drawThumbnail'
import { stopDrawing } from './drawPage'
import { readDocument } from './readDocument'
import { readScans } from './readScans'
import { watchOrders } from './watchOrders'
import { watchArrivals } from './watchArrivals'
import { watchReadings } from './watchReadings'
import { sweepUploads } from './sweepUploads'

const RETRY_MS = 2000
const POLL_SECONDS = 0.5
// Taken at once and read one after the other. Few, since what somebody waits for comes before the next ones only.
const BATCH = 12

/** Starts the background jobs, and keeps trying while the database is away. */
export function startJobs(log: (message: string) => void): { stop: () => Promise<void> } {
  const readers = startReaders()
  let stopped = false
  const start = async (): Promise<void> => {
    const boss = await queue(error => log(`queue: ${error.message}`))
    const reader = await boss.work<{ blobId: string }>(READ_QUEUE, { batchSize: BATCH, pollingIntervalSeconds: POLL_SECONDS }, async (jobs) => {
      for (const job of jobs) await readDocument(readers, job.data.blobId)
      if (jobs.length === BATCH) boss.notifyWorker(reader)
    })
    await boss.work<{ blobId: string }>(THUMBNAIL_QUEUE, { batchSize: BATCH, pollingIntervalSeconds: POLL_SECONDS }, async (jobs) => {
      for (const job of jobs) await drawThumbnail(readers.thumbnail, job.data.blobId)
    })
    await boss.work(SWEEP_QUEUE, { pollingIntervalSeconds: 60 }, () => sweepUploads(log))
    await boss.schedule(SWEEP_QUEUE, '17 3 * * *')
    await requeueOpenReadings()
    await deriveAgain(() => stopped)
    await requeueOlderReadings()
  }
  const keepTrying = () => {
    start().catch((error: unknown) => {
      log(`jobs: ${error instanceof Error ? error.message : String(error)}; trying again`)
      if (!stopped) setTimeout(keepTrying, RETRY_MS)
    })
  }
  keepTrying()
  const arrivals = watchArrivals(log)
  const orders = watchOrders(log)
  const scans = readScans(readers, log)
  const readings = watchReadings(log)
  return {
    async stop() {
      stopped = true
      orders.stop()
      scans.stop()
      readings.stop()
      await arrivals.stop()
      await stopQueue()
      await readers.stop()
      await stopDrawing()
    },
  }
}
