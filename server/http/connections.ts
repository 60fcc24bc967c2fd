// Limits of the HTTP server that hold before any route is asked.

import type { IncomingMessage, Server, ServerResponse } from 'node:http'
import type { Socket } from 'node:net'

const HEADERS_MS = 20_000
// No byte in either direction for so long, and the connection is ended. However long a whole body takes is no matter.
const STALLED_MS = 60_000
const CONNECTIONS_LIMIT = 4000
const CONNECTIONS_PER_ADDRESS = 1500
const HEADERS_LIMIT = 100

export function limitConnections(server: Server): void {
  server.headersTimeout = HEADERS_MS
  server.requestTimeout = 0 // a slow line may take hours for a large file
  server.keepAliveTimeout = 65_000
  server.maxHeadersCount = HEADERS_LIMIT
  server.maxConnections = CONNECTIONS_LIMIT
  const perAddress = new Map<string, number>()
  const answering = new WeakMap<Socket, { readonly request: IncomingMessage; readonly response: ServerResponse }>()
  server.on('connection', (socket: Socket) => {
    const address = socket.remoteAddress ?? ''
    const count = (perAddress.get(address) ?? 0) + 1
    perAddress.set(address, count)
    socket.once('close', () => {
      const left = (perAddress.get(address) ?? 1) - 1
      if (left > 0) perAddress.set(address, left)
      else perAddress.delete(address)
    })
    if (count > CONNECTIONS_PER_ADDRESS) socket.destroy()
  })
  server.on('request', (request: IncomingMessage, response: ServerResponse) => {
    answering.set(request.socket, { request, response })
  })
  server.setTimeout(STALLED_MS, socket => {
    const now = answering.get(socket)
    // What takes its time on our side is not the client's fault.
    const isOurs = now !== undefined && now.request.complete && !now.response.headersSent && !now.response.writableEnded
    if (!isOurs) socket.destroy()
  })
}
