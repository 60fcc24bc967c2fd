import { createSharedComposable, useTimestamp } from '@vueuse/core'

/**
 * Milliseconds since 1970, new twice a minute: for "5 minutes ago" and "Today" on a page that stays open. One clock for
 * all.
 */
export const useNow = createSharedComposable(() => useTimestamp({ interval: 30_000 }))
