// The program of the built server: one HTTP server with limits on time, headers and connections.

import '#nitro-internal-pollyfills'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { Server } from 'node:http'
import { toNodeListener } from 'h3'
import { useNitroApp } from 'nitropack/runtime'
import { limitConnections } from '../http/connections'
import { sayFault } from '../log/log'
import { observed } from '../http/observe'
import { toErrorReply } from '../http/errorReply'

const nitroApp = useNitroApp()
const listener = toNodeListener(nitroApp.h3App)

const server = new Server({ maxHeaderSize: 16 * 1024 }, (request: IncomingMessage, response: ServerResponse) => {
  // Routes are written for GET; a reply to HEAD has no body whatever is written into it.
  if (request.method === 'HEAD') {
    request.headers['x-hembix-head'] = '1'
    // tus asks with HEAD how far an upload is.
    if (!request.url?.startsWith('/api/uploads/resumable')) request.method = 'GET'
  } else delete request.headers['x-hembix-head']
  observed(request, response, () => void listener(request, response))
})
limitConnections(server)
server.listen({
  port: Number(process.env.NITRO_PORT ?? process.env.PORT ?? 3000),
  host: process.env.NITRO_HOST ?? process.env.HOST ?? '127.0.0.1',
})
server.once('error', error => {
  sayFault(error, 'the server cannot listen')
  process.exit(1)
})
// A promise that nobody waited for, or a stream that breaks with nobody listening, ends no server; it is said. Many of
// them in a minute mean that something is out of order, and the start command begins anew.
const MOST_A_MINUTE = 30
let faults: number[] = []
for (const kind of ['unhandledRejection', 'uncaughtException'] as const)
  process.on(kind, (error: unknown) => {
    countFault(error)
  })

function countFault(error: unknown): void {
  toErrorReply(error)
  faults = [...faults.filter(at => Date.now() - at < 60_000), Date.now()]
  if (faults.length > MOST_A_MINUTE) process.exit(1)
}

const END_MS = 6000
let isEnding = false
for (const signal of ['SIGTERM', 'SIGINT'] as const)
  process.on(signal, () => {
    void end()
  })

/** Requests under way may end, then what listens and works in the background is stopped. */
async function end(): Promise<void> {
  if (isEnding) return
  isEnding = true
  setTimeout(() => process.exit(0), END_MS).unref()
  server.close()
  server.closeIdleConnections()
  await nitroApp.hooks.callHook('close')
  process.exit(0)
}
