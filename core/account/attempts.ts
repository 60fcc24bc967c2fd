// How guessing passwords is slowed down. The rightful person is slowed down as well when they mistype, but nobody can
// lock them out from elsewhere: attempts from one network weigh fully, those of all others together only delay a
// little.

export interface Attempts {
  /** Failed attempts in the last hours, and how long ago the last one was (milliseconds; null: there was none). */
  readonly count: number
  readonly sinceLastMs: number | null
}

export interface RecentAttempts {
  /** At this account from this address. */
  readonly here: Attempts
  /** At any account from this network. */
  readonly network: Attempts
  /** At this account from anywhere. */
  readonly account: Attempts
}

const MINUTE_MS = 60_000
export const ATTEMPTS_KEPT_MS = 6 * 60 * MINUTE_MS
const [FREE_HERE, FREE_NETWORK, FREE_ACCOUNT] = [6, 60, 30]
const [MOST_HERE_MS, MOST_NETWORK_MS, MOST_ACCOUNT_MS] = [15 * MINUTE_MS, 5 * MINUTE_MS, 4000]

/** Milliseconds until the next attempt is taken; 0: now. */
export function waitBeforeAttempt({ here, network, account }: RecentAttempts): number {
  return Math.max(
    left(here, FREE_HERE, MOST_HERE_MS),
    left(network, FREE_NETWORK, MOST_NETWORK_MS),
    left(account, FREE_ACCOUNT, MOST_ACCOUNT_MS),
  )
}

/** After so many free ones, each has to wait twice as long as the one before: 1, 2, 4 seconds … */
function left({ count, sinceLastMs }: Attempts, free: number, mostMs: number): number {
  if (count < free || sinceLastMs === null) return 0
  const pauseMs = Math.min(mostMs, 1000 * 2 ** Math.min(30, count - free))
  return Math.max(0, pauseMs - sinceLastMs)
}

/** "40 seconds", "3 minutes". */
export function waitText(ms: number): string {
  const seconds = Math.ceil(ms / 1000)
  if (seconds < 90) return seconds === 1 ? 'a second' : `${seconds} seconds`
  return `${Math.ceil(seconds / 60)} minutes`
}
