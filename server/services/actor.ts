import { randomFillSync } from 'node:crypto'
import { v7 } from 'uuid'

/** Who acts, and on which plan. Every service is bounded by it. */
import type { PersonId } from '../../core/ids'

export interface Actor {
  readonly accountId: PersonId
  readonly email: string
  /** What others call them; left out where it does not matter, empty where they did not say. */
  readonly name?: string
  readonly planId: string
  /** It is the plan of another, who lets them change all of it but rights. */
  readonly isGuest?: boolean
  /** By which they act; left out for what nobody asks at this moment. */
  readonly sessionId?: string
}

/** The language in which names are put in order. */
export const LOCALE = 'en'

const POOL = Buffer.alloc(16 * 256)
const last = { msecs: 0, seq: 0, at: POOL.length }

/**
 * A UUID of version 7, later ones after earlier ones; random bytes are drawn for many at once, since drawing costs more
 * than the id.
 */
export function newId<Named extends string = string>(): Named {
  if (last.at === POOL.length) {
    randomFillSync(POOL)
    last.at = 0
  }
  const random = POOL.subarray(last.at, (last.at += 16))
  const now = Date.now()
  // The counter begins anew at a random place of its lower half, so that it does not run over within a millisecond.
  if (now > last.msecs) {
    last.msecs = now
    last.seq = random.readUInt32LE(6) >>> 1
  } else last.seq += 1
  return v7({ random, msecs: last.msecs, seq: last.seq }) as Named
}
