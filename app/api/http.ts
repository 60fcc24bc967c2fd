// The one place of the pages that talks to the server.

import type { Refusal } from '../../core/errors'
import { ERRORS, HembixError, refusal } from '../../core/errors'

export type Query = Readonly<Record<string, string | number | boolean | null | undefined>>

let shownPlan: string | null = null

/** The plan that this window shows: where the session works in another one, nothing is done. null: none yet. */
export function showPlan(id: string | null): void {
  shownPlan = id
}

/** In another plan nothing of this page is right any more. */
function leaveOtherPlan(reason: Refusal): void {
  if (reason.code === 'plan.other') location.assign('/plan')
}

const headersOf = (type: string | null): Record<string, string> => ({
  ...(type === null ? {} : { 'content-type': type }),
  ...(shownPlan === null ? {} : { 'x-hembix-plan': shownPlan }),
})

/** Sends a request; the reply's JSON, or a HembixError with the refusal. */
export async function call<Reply>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  { query, body }: { query?: Query; body?: object } = {},
): Promise<Reply> {
  const response = await fetch(addressOf(path, query), {
    method,
    headers: headersOf(body ? 'application/json' : null),
    body: body ? JSON.stringify(body) : undefined,
  }).catch(() => {
    throw new HembixError(refusal('connection.lost'))
  })
  if (response.status === 204) return undefined as Reply // what answers with nothing is asked for nothing
  if (response.ok) return (await response.json()) as Reply
  const reason = refusalIn(await response.text(), response.status)
  leaveOtherPlan(reason)
  throw new HembixError(reason)
}

/** Sends bytes as the body; the reply's JSON. `lost` is what a lost connection is called. */
export async function sendBytes<Reply>(
  path: string,
  query: Query,
  body: Blob,
  lost: Refusal = refusal('connection.lost'),
  keepalive = false,
): Promise<Reply> {
  const response = await fetch(addressOf(path, query), {
    method: 'POST',
    headers: headersOf('application/octet-stream'),
    body,
    keepalive,
  }).catch(() => {
    throw new HembixError(lost)
  })
  if (response.ok) return (await response.json()) as Reply
  const reason = refusalIn(await response.text(), response.status)
  leaveOtherPlan(reason)
  throw new HembixError(reason)
}

export function addressOf(path: string, query: Query = {}): string {
  const parts = Object.entries(query).filter(([, value]) => value !== null && value !== undefined && value !== '')
  return parts.length === 0
    ? path
    : `${path}?${new URLSearchParams(parts.map(([name, value]) => [name, String(value)])).toString()}`
}

/** The refusal in a reply's text; what is not one of ours (a proxy's page) counts as a lost connection. */
export function refusalIn(text: string, status: number): Refusal {
  try {
    const reply = JSON.parse(text) as Partial<Refusal>
    if (typeof reply.code === 'string' && Object.hasOwn(ERRORS, reply.code)) return reply as Refusal
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
  }
  return refusal('connection.lost', { status })
}
