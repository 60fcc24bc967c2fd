// A stand-in of the server for stores: what it answers, by method and path, and what it was asked.

import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'

export type Answer = { status?: number; body: unknown } | Error
export interface SearchQuery {
  readonly url: string
  /** What was sent, as text. */
  readonly sent: string
}

export interface StandIn {
  answers: Record<string, Answer | ((request: SearchQuery) => Answer | Promise<Answer>)>
  /** "GET /api/plan?...", in order. */
  readonly request: string[]
  /** What the browser keeps. */
  readonly stored: Map<string, string>
}

/** A server that answers nothing yet, and stores that know nothing. Undone by vi.unstubAllGlobals. */
export function standIn(): StandIn {
  setActivePinia(createPinia())
  const server: StandIn = { answers: {}, request: [], stored: new Map() }
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => server.stored.get(key) ?? null,
    setItem: (key: string, value: string) => server.stored.set(key, value),
    removeItem: (key: string) => server.stored.delete(key),
  })
  vi.stubGlobal(
    'fetch',
    async (url: string, { method = 'GET', body }: { method?: string; body?: string | Blob } = {}) => {
      server.request.push(`${method} ${url}`)
      const found = server.answers[`${method} ${url.split('?')[0]}`]
      const answer =
        typeof found === 'function'
          ? await found({ url, sent: body instanceof Blob ? await body.text() : (body ?? '') })
          : found
      if (!answer || answer instanceof Error) throw answer ?? new TypeError('not answered')
      return new Response(typeof answer.body === 'string' ? answer.body : JSON.stringify(answer.body), {
        status: answer.status ?? 200,
      })
    },
  )
  return server
}
