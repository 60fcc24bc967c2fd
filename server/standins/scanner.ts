// A scanner as a real one would be reached: it gives the pages that lie in it as pictures. This one makes them up.

import { scanPages } from '../workers/documents'

export interface Scanner {
  /** The pages in its feeder, one picture each, in the order in which they came through. */
  pages(): Promise<readonly Buffer[]>
}

export function simulatedScanner(turn: number): Scanner {
  return { pages: () => scanPages.simulate(turn) }
}
