// Work that waits in a table is claimed and carried out, several at once, as long as there is some.

import type { Turn } from '../services/reading/claims'

export interface Work<Claim extends { readonly planId: string }> {
  readonly name: string
  readonly atOnce: number
  readonly claim: (turn: Turn) => Promise<Claim | undefined>
  readonly carryOut: (claim: Claim) => Promise<void>
  /** After a failure that is not the document's, such as a database that went away. */
  readonly giveBack: (claim: Claim) => Promise<void>
}

export interface Working {
  /** Something waits. */
  readonly wake: () => void
  readonly stop: () => void
}

// A server is told of what waits; this is for what it was not told, as while its connection was lost.
const IDLE_MS = 15_000
const RETRY_MS = 1000
const FIRST_PLAN = '00000000-0000-0000-0000-000000000000'

export function keepWorking<Claim extends { readonly planId: string }>(
  work: Work<Claim>,
  log: (message: string) => void,
): Working {
  const running = new Map<string, number>()
  const failed: Claim[] = []
  let [count, stopped, isClaiming, isWanted] = [0, false, false, false]
  let after = FIRST_PLAN
  let lastError = ''
  // No plan has all places: another's document need not wait until one of them is done.
  const busy = () => [...running].filter(([, number]) => number >= work.atOnce - 1).map(([planId]) => planId)

  const fail = (error: unknown): void => {
    const message = error instanceof Error ? error.message : String(error)
    if (message !== lastError && !stopped) log(`${work.name}: ${message}; tried again`)
    lastError = message
    setTimeout(wake, RETRY_MS).unref()
  }

  async function begin(claim: Claim): Promise<void> {
    count++
    running.set(claim.planId, (running.get(claim.planId) ?? 0) + 1)
    try {
      await work.carryOut(claim)
      lastError = ''
    } catch (error) {
      failed.push(claim)
      fail(error)
    }
    count--
    const left = (running.get(claim.planId) ?? 1) - 1
    if (left > 0) running.set(claim.planId, left)
    else running.delete(claim.planId)
    if (failed.length === 0) wake() // else after a pause
  }

  async function fill(): Promise<void> {
    for (let claim = failed[0]; claim; claim = failed[0]) {
      await work.giveBack(claim)
      failed.shift()
    }
    while (!stopped && count < work.atOnce) {
      const claim = await work.claim({ busy: busy(), after })
      if (!claim) return
      after = claim.planId
      void begin(claim)
    }
  }

  function wake(): void {
    isWanted = true
    if (isClaiming || stopped) return
    isClaiming = true
    isWanted = false
    fill()
      .catch(fail)
      .finally(() => {
        isClaiming = false
        if (isWanted) wake()
      })
  }

  const timer = setInterval(wake, IDLE_MS)
  timer.unref()
  wake()
  return {
    wake,
    stop() {
      stopped = true
      clearInterval(timer)
    },
  }
}
