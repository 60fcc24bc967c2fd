// What can be done on the open page just now: each list and page says it, and the go-to-and-do field reads it.

import type { ComputedRef } from 'vue'
import { onBeforeUnmount, shallowReactive } from 'vue'
import type { OfferedAct } from './act'

export interface Offered {
  /** What the acts are done to: "3 documents", "1.1 Berth leases". */
  readonly on: () => string
  readonly acts: ComputedRef<readonly OfferedAct[]>
}

export const offeredNow = shallowReactive(new Map<symbol, Offered>())

/** Offers acts while the component lives. */
export function useOffered(on: () => string, acts: ComputedRef<readonly OfferedAct[]>): void {
  const mine = Symbol('offered')
  offeredNow.set(mine, { on, acts })
  onBeforeUnmount(() => offeredNow.delete(mine))
}
