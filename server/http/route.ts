// What all routes share: one place that turns refusals and faults into replies.

import { randomUUID } from 'node:crypto'
import type { EventHandler, H3Event } from 'h3'
import { defineEventHandler, getHeader, setResponseHeader, setResponseStatus } from 'h3'
import { ValidationError } from 'yup'
import type { Refusal } from '../../core/errors'
import { ERRORS, HembixError, refusal } from '../../core/errors'
import { requestId, sayFault } from '../log/log'
import { noteFault } from '../log/metrics'

/** A route whose refusals and faults become `{ code, message, details }` with their status. */
export function route<T>(work: (event: H3Event) => Promise<T> | T): EventHandler {
  return defineEventHandler(async event => {
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      checkOrigin(event)
      return await work(event)
    } catch (error) {
      const reason = refusalOf(error)
      setResponseStatus(event, ERRORS[reason.code].status)
      return reason
    }
  })
}

/** Writes are taken from our own pages only. Clients that are no browser send neither header. */
function checkOrigin(event: H3Event): void {
  if (event.method === 'GET' || event.method === 'HEAD') return
  const site = getHeader(event, 'sec-fetch-site')
  const origin = getHeader(event, 'origin')
  const foreign =
    (site !== undefined && site !== 'same-origin' && site !== 'none') ||
    (origin !== undefined && hostOf(origin) !== getHeader(event, 'host'))
  if (foreign) throw new HembixError(refusal('request.foreign'))
}

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}

// SQLSTATE classes and socket errors of a database that is stopping, starting or gone.
const AWAY = /^(08|57P0)|^(ECONNREFUSED|ECONNRESET|ENOENT|EPIPE|ETIMEDOUT)$/

const DISK_FULL = '53100'

/** A fault with the status of its reply, for those who reply themselves. */
export function explained(error: unknown): { reason: Refusal; status: number } {
  const reason = refusalOf(error)
  return { reason, status: ERRORS[reason.code].status }
}

export function refusalOf(error: unknown): Refusal {
  if (error instanceof HembixError) return error.refusal
  if (error instanceof ValidationError)
    return refusal('request.invalid', { why: error.errors[0] ?? 'something in it is missing' })
  if (stateOf(error) === DISK_FULL) return refusal('database.full')
  if (isDatabaseAway(error)) return refusal('database.away')
  const logId = requestId() ?? randomUUID().slice(0, 8)
  noteFault()
  sayFault(error, `fault ${logId}`)
  return refusal('server.failed', { logId })
}

function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  if (/^Sequelize(Connection|HostNot|AccessDenied|ConnectionAcquire)/.test(error.name)) return true
  const code = stateOf(error)
  if (code !== null && AWAY.test(code)) return true
  // What PostgreSQL refuses has a SQLSTATE; without one, the connection broke before there was an answer.
  if (error.name === 'SequelizeDatabaseError' && code === null) return true
  return /Connection terminated|connection manager was closed|terminating connection/i.test(error.message)
}

/** SQLSTATE, or the code of a socket's error. */
function stateOf(error: unknown): string | null {
  if (!(error instanceof Error)) return null
  const parent = 'parent' in error ? error.parent : error
  const code = (parent as { code?: unknown } | undefined)?.code
  return typeof code === 'string' ? code : null
}
