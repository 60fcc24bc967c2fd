// A scanner as a real one would be reached: it gives the pages that lie in it as pictures. This one makes them up, and
// everybody's first pages are the same: what is read from a page does not depend on the clock.

import { LRUCache } from 'lru-cache'
import { scanPages } from '../workers/documents'

export interface Scanner {
  /** The pages in its feeder, one picture each, in the order in which they came through. */
  pages(): Promise<readonly Buffer[]>
}

const PEOPLE = 1000
/** How often each person has scanned since the server was started. */
const turns = new LRUCache<string, number>({ max: PEOPLE })

export function simulatedScanner(accountId: string): Scanner {
  return {
    pages: () => {
      const turn = turns.get(accountId) ?? 0
      turns.set(accountId, turn + 1)
      return scanPages.simulate(turn)
    },
  }
}
