export type { Attempts, RecentAttempts } from './attempts'
export { ATTEMPTS_KEPT_MS, waitBeforeAttempt, waitText } from './attempts'
export { networkOf } from './network'
