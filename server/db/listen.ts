// One connection of the process listens for what other windows (and other processes) changed.

import type pg from 'pg'
import { newConnection } from './client'

const RETRY_MS = 1000

/** Calls `heard` with each notice until stopped; comes back by itself after the database was away, and says so. */
export function listen(heard: (payload: string) => void, back: () => void): { stop: () => Promise<void> } {
  let client: pg.Client | null = null
  let stopped = false
  let timer: NodeJS.Timeout | null = null
  let lost = false

  const again = () => {
    client = null
    lost = true
    if (!stopped) timer = setTimeout(connect, RETRY_MS)
  }
  const connect = () => {
    const next = newConnection()
    let over = false
    const end = () => { if (!over) { over = true; again() } }
    next.on('error', end)
    next.on('end', end)
    next.on('notification', message => heard(message.payload ?? ''))
    next.connect().then(() => next.query('LISTEN hembix')).then(() => {
      client = next
      if (lost) back()
      lost = false
    }, end)
  }
  connect()
  return {
    async stop() {
      stopped = true
      if (timer) clearTimeout(timer)
      await client?.end()
    },
  }
}
