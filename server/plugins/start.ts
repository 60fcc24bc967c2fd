import { defineNitroPlugin } from 'nitropack/runtime'
import { startJobs } from '../jobs/start'
import { warn } from '../log/log'
import { startPlanEvents } from '../services/events/planEvents'
import { warmUpWorkers } from '../workers/documents'

const WARM_UP_AFTER_MS = 3000

// Listening and jobs live as long as the process; requests are served while they start.
export default defineNitroPlugin(nitro => {
  ignoreClosedOutput()
  const events = startPlanEvents()
  const jobs = startJobs(message => warn(message))
  // Not before the first requests are answered.
  setTimeout(() => {
    warmUpWorkers().catch((error: unknown) => {
      warn('the processes that draw pages could not be made ready', { error: String(error) })
    })
  }, WARM_UP_AFTER_MS).unref()
  // The start command is gone: nobody would end this server.
  process.once('disconnect', () => process.kill(process.pid, 'SIGTERM'))
  nitro.hooks.hook('close', async () => {
    await events.stop()
    await jobs.stop()
  })
})

/**
 * A server can outlive what reads its words (a start command that was killed, a closed terminal). Each word that is not
 * heard is an error then, which would be said, and so on: it took a whole core and all memory. There is nobody left to
 * tell.
 */
function ignoreClosedOutput(): void {
  for (const stream of [process.stdout, process.stderr])
    stream.on('error', () => {
      /* not heard */
    })
}
