import type { H3Event } from 'h3'
import { getHeader } from 'h3'

const hasProxy = (): boolean => process.env.HEMBIX_PROXY === '1'

/** Where a request comes from. Behind a proxy of ours (HEMBIX_PROXY=1), the last address that it names. */
export function originOf(event: H3Event): { address: string; agent: string } {
  const forwarded = hasProxy() ? getHeader(event, 'x-forwarded-for')?.split(',').at(-1)?.trim() : undefined
  return {
    address: forwarded || (event.node.req.socket.remoteAddress ?? ''),
    agent: getHeader(event, 'user-agent') ?? '',
  }
}

/** Whether it came over TLS, as the proxy says. */
export function isSecure(event: H3Event): boolean {
  return hasProxy() && getHeader(event, 'x-forwarded-proto') === 'https'
}
