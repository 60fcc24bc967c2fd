import { defineEventHandler, setResponseHeaders, setResponseStatus } from 'h3'
import type { ErrorCode, ErrorDetails } from '../../core/errors'
import { ERRORS, refusal } from '../../core/errors'
import { isKnownHost, namesFrom } from '../http/hostNames'
import { methodsOf } from '../http/routePaths'

const NAMES = namesFrom(process.env.HEMBIX_NAMES)
// A reply of the API is data and never a page of ours.
const POLICY = {
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'; sandbox",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-resource-policy': 'same-origin',
}
const KNOWN_METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])

/**
 * Before any route: under which name this server was called, by which method, and what every reply of the API carries.
 */
export default defineEventHandler(event => {
  const refuse = (code: ErrorCode, details: ErrorDetails) => {
    setResponseHeaders(event, { ...POLICY, 'cache-control': 'no-store' })
    setResponseStatus(event, ERRORS[code].status)
    return refusal(code, details)
  }
  const { host } = event.node.req.headers
  if (!isKnownHost(host, NAMES)) return refuse('host.unknown', { name: (host ?? '').slice(0, 100) })
  if (!KNOWN_METHODS.has(event.method)) return refuse('method.wrong', { method: event.method.slice(0, 20) })
  const path = event.path.split('?')[0] ?? ''
  if (path !== '/api' && !path.startsWith('/api/')) return undefined
  setResponseHeaders(event, POLICY)
  const allowed = methodsOf(path)
  if (allowed.length === 0 || path.startsWith('/api/uploads/resumable') || allowed.includes(event.method))
    return undefined
  setResponseHeaders(event, { allow: allowed.join(', ') })
  return refuse('method.wrong', { method: event.method })
})
