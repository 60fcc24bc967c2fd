// The log: lines of JSON on standard error, with the id of the request that they belong to. Never contents of
// documents, and so never the values of statements or what a database says of them.

import { AsyncLocalStorage } from 'node:async_hooks'
import pino from 'pino'

const requests = new AsyncLocalStorage<string>()

const logger = pino(
  {
    level: process.env.HEMBIX_LOG_LEVEL ?? 'info',
    base: null,
    timestamp: pino.stdTimeFunctions.isoTime,
    formatters: { level: label => ({ level: label }) },
    messageKey: 'message',
    mixin: () => ({ requestId: requests.getStore() }),
  },
  pino.destination({ dest: 2, sync: true }),
)

/** Everything that `work` logs carries the id of the request. */
export function withRequestId<T>(requestId: string, work: () => T): T {
  return requests.run(requestId, work)
}

export function requestId(): string | undefined {
  return requests.getStore()
}

export const say = (message: string, more: Readonly<Record<string, string | number>> = {}): void => {
  logger.info(more, message)
}
export const warn = (message: string, more: Readonly<Record<string, string | number>> = {}): void => {
  logger.warn(more, message)
}

/** A fault: where it happened, and of a database its SQLSTATE instead of its words. */
export function sayFault(error: unknown, message = 'fault'): void {
  logger.error(faultOf(error), message)
}

export function faultOf(error: unknown): Readonly<Record<string, string>> {
  if (!(error instanceof Error)) return { kind: typeof error }
  const parent = ('parent' in error ? error.parent : error) as { code?: unknown; message?: unknown }
  const isDatabase = error.name.startsWith('Sequelize')
  const places = (error.stack ?? '')
    .split('\n')
    .filter(line => /^\s+at /.test(line))
    .join('\n')
  return {
    kind: error.name,
    ...(typeof parent.code === 'string' ? { code: parent.code } : {}),
    ...(isDatabase ? {} : { reason: error.message }),
    stack: places,
  }
}
