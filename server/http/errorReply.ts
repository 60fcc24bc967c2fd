// Refusals and faults as replies: `{ code, message, details }` with their status.

import { randomUUID } from 'node:crypto'
import { ValidationError } from 'yup'
import type { Refusal } from '../../core/errors'
import { ERRORS, HembixError, refusal } from '../../core/errors'
import { requestId, sayFault } from '../log/log'
import { noteFault } from '../log/metrics'

// SQLSTATE classes and socket errors of a database that is stopping, starting or gone.
const AWAY = /^(08|57P0)|^(ECONNREFUSED|ECONNRESET|ENOENT|EPIPE|ETIMEDOUT)$/

const DISK_FULL = '53100'

/** The reply to a request that failed. A fault that nobody foresaw is logged under the id that the reply names. */
export function toErrorReply(error: unknown): { reason: Refusal; status: number } {
  const reason = refusalOf(error)
  return { reason, status: ERRORS[reason.code].status }
}

function refusalOf(error: unknown): Refusal {
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
