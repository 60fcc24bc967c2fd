import type { H3Event } from 'h3'

/**
 * The body as it comes in. When it is given up before its end (too large, wrong folder), the rest is
 * let run out unread instead of cutting the connection, so that the client hears why.
 */
export function bodyStream(event: H3Event): AsyncIterable<Uint8Array> {
  const { req, res } = event.node
  res.once('finish', () => { if (!req.destroyed) req.resume() })
  return req.iterator({ destroyOnReturn: false })
}
