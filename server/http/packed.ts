// Large replies travel packed where the client takes that (RFC 9110, 12.5.3).

import { promisify } from 'node:util'
import { constants, gzip } from 'node:zlib'
import type { H3Event } from 'h3'
import { getHeader, setResponseHeader } from 'h3'

const pack = promisify(gzip)
// Below this a reply fits into a few packets, and packing it gains nothing.
const WORTH_IT = 32 * 1024

/** The reply as it is to be sent: as JSON, packed where it is large, or as it was. */
export async function packed<T>(event: H3Event, reply: T): Promise<T | string | Buffer> {
  if (!isPlain(reply) || !/\bgzip\b/.test(getHeader(event, 'accept-encoding') ?? '')) return reply
  const json = JSON.stringify(reply)
  setResponseHeader(event, 'content-type', 'application/json')
  if (json.length < WORTH_IT) return json
  setResponseHeader(event, 'content-encoding', 'gzip')
  setResponseHeader(event, 'vary', 'accept-encoding')
  return pack(json, { level: constants.Z_BEST_SPEED })
}

/** What JSON is made of; streams, bytes and what a handler has sent itself are none. */
function isPlain(reply: unknown): boolean {
  return typeof reply === 'object' && reply !== null && Object.getPrototypeOf(reply) === Object.prototype
}
