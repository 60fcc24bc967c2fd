// One place that turns refusals and faults into replies, and takes writes from our own pages only.

import type { EventHandler, H3Event } from 'h3'
import { defineEventHandler, getHeader, setResponseHeader, setResponseStatus } from 'h3'
import { HembixError, refusal } from '../../core/errors'
import { toErrorReply } from './errorReply'
import { packed } from './packed'

/** A handler whose refusals and faults become `{ code, message, details }` with their status. */
export function handler<T>(work: (event: H3Event) => Promise<T> | T): EventHandler {
  return defineEventHandler(async event => {
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      checkOrigin(event)
      return await packed(event, await work(event))
    } catch (error) {
      const { reason, status } = toErrorReply(error)
      setResponseStatus(event, status)
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
