import { getHeader, setResponseHeader } from 'h3'
import { timingSafeEqual } from 'node:crypto'
import { serverRoutes } from '../../contract/routes/server'
import { fail } from '../../core/errors'
import { metricsText } from '../log/metrics'
import { route } from '../routing/route'
import { measureDatabase } from '../services/health'
import { measureWorkers } from '../workers/measure'

/**
 * For whoever runs the server: `Authorization: Bearer` with HEMBIX_METRICS_TOKEN. Without a token set there is no such
 * page.
 */
export default route(serverRoutes.metrics, async ({ event }) => {
  const token = process.env.HEMBIX_METRICS_TOKEN ?? ''
  if (token === '' || !isSame(getHeader(event, 'authorization') ?? '', `Bearer ${token}`)) fail('notFound')
  const [pools, database] = await Promise.all([measureWorkers(), measureDatabase()])
  setResponseHeader(event, 'content-type', 'text/plain; version=0.0.4; charset=utf-8')
  return metricsText({ pools, ...database })
})

function isSame(given: string, wanted: string): boolean {
  const [one, other] = [Buffer.from(given), Buffer.from(wanted)]
  return one.length === other.length && timingSafeEqual(one, other)
}
