// Hands what PostgreSQL notifies to the windows that are open on a plan.

import { listen } from '../../db/listen'

type Hear = (event: string) => void

const hearers = new Map<string, Set<Hear>>()

/** Calls `hear` with each event of the plan (JSON text) until the returned function is called. */
export function hearPlan(planId: string, hear: Hear): () => void {
  const set = hearers.get(planId) ?? new Set<Hear>()
  set.add(hear)
  hearers.set(planId, set)
  return () => {
    set.delete(hear)
    if (set.size === 0) hearers.delete(planId)
  }
}

/** Listens for the life of the process. After the database was away, every window is told to look at everything anew. */
export function startPlanEvents(): { stop: () => Promise<void> } {
  return listen((payload) => {
    const { planId } = JSON.parse(payload) as { planId: string }
    for (const hear of hearers.get(planId) ?? []) hear(payload)
  }, () => {
    for (const set of hearers.values()) for (const hear of set) hear(JSON.stringify({ type: 'refresh' }))
  })
}
