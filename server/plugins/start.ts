import { defineNitroPlugin } from 'nitropack/runtime'
import { startJobs } from '../jobs/start'
import { startPlanEvents } from '../services/events/planEvents'

// Listening and jobs live as long as the process; requests are served while they start.
export default defineNitroPlugin((nitro) => {
  const events = startPlanEvents()
  const jobs = startJobs(message => process.stderr.write(`${message}\n`))
  nitro.hooks.hook('close', async () => {
    await events.stop()
    await jobs.stop()
  })
})
