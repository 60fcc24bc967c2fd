// Each request gets an id, which its reply and all its log lines carry; how it fared is counted by its route.

import { randomUUID } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { say, withRequestId } from '../log/log'
import { noteRequest } from '../log/metrics'
import { routeOf } from './routePaths'

export function observed(request: IncomingMessage, response: ServerResponse, work: () => void): void {
  const id = randomUUID().slice(0, 13)
  const began = performance.now()
  const { method = '' } = request
  response.setHeader('x-request-id', id)
  response.once('close', () => {
    const path = (request.url ?? '').split('?')[0] ?? ''
    const [route, status] = [routeOf(path), String(response.writableFinished ? response.statusCode : 499)]
    const seconds = (performance.now() - began) / 1000
    noteRequest({ method, route, status }, seconds)
    if (process.env.HEMBIX_LOG_REQUESTS === '1')
      withRequestId(id, () => {
        say('request', { method, route, status, ms: Math.round(seconds * 1000) })
      })
  })
  withRequestId(id, work)
}
