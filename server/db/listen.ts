// One connection of the process listens for what other windows (and other processes) changed.

import type pg from 'pg'
import { newConnection } from './client'

const RETRY_MS = 1000

export interface Listener {
  readonly heard: (payload: string) => void
  /** The database went away; nothing is heard until `back`. */
  readonly gone: () => void
  readonly back: () => void
}

/** Listens until stopped; comes back by itself after the database was away, and says both. */
export function listen({ heard, gone, back }: Listener): { stop: () => Promise<void> } {
  let client: pg.Client | null = null
  let stopped = false
  let timer: NodeJS.Timeout | null = null
  let lost = false

  const again = () => {
    client = null
    if (!lost && !stopped) gone()
    lost = true
    if (!stopped) timer = setTimeout(connect, RETRY_MS)
  }
  const connect = () => {
    const next = newConnection()
    let over = false
    const end = () => {
      if (!over) {
        over = true
        again()
      }
    }
    next.on('error', end)
    next.on('end', end)
    next.on('notification', message => heard(message.payload ?? ''))
    next
      .connect()
      .then(() => next.query('LISTEN hembix'))
      .then(() => {
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
