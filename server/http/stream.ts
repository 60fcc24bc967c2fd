import type { H3Event } from 'h3'

// What is still sent after a body was given up is let run out unread, so that the client hears why; but not for ever.
const [DRAIN_LIMIT_BYTES, DRAIN_MS] = [32 * 1024 * 1024, 10_000]

/**
 * The body as it comes in. When it is given up before its end (too large, wrong folder), the rest is let run out
 * unread instead of cutting the connection.
 */
export function bodyStream(event: H3Event): AsyncIterable<Uint8Array> {
  const { req, res } = event.node
  res.once('finish', () => {
    if (req.destroyed || req.complete) return
    let left = DRAIN_LIMIT_BYTES
    const end = setTimeout(() => {
      req.destroy()
    }, DRAIN_MS)
    end.unref()
    req.on('data', (part: Buffer) => {
      if ((left -= part.length) < 0) req.destroy()
    })
    req.once('close', () => {
      clearTimeout(end)
    })
    req.resume()
  })
  return req.iterator({ destroyOnReturn: false })
}
