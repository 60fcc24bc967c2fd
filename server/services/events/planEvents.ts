// Hands what PostgreSQL notifies to the windows that are open on a plan.

import { listen } from '../../db/listen'

type Listener = (event: string) => void

const listeners = new Map<string, Set<Listener>>()
const workers = new Set<() => void>()
const watchers = new Set<() => void>()

/** Calls `wake` when something waits to be opened, until the returned function is called. */
export function onWork(wake: () => void): () => void {
  workers.add(wake)
  return () => {
    workers.delete(wake)
  }
}

/** Calls `wake` when anything of any plan changed, until the returned function is called. */
export function onEvent(wake: () => void): () => void {
  watchers.add(wake)
  return () => {
    watchers.delete(wake)
  }
}

/** Calls `hear` with each event of the plan (JSON text) until the returned function is called. */
export function subscribeToPlan(planId: string, hear: Listener): () => void {
  const set = listeners.get(planId) ?? new Set<Listener>()
  set.add(hear)
  listeners.set(planId, set)
  return () => {
    set.delete(hear)
    if (set.size === 0) listeners.delete(planId)
  }
}

/**
 * Listens for the life of the process. Every window is told when the database goes away, and when it is back to look at
 * everything anew.
 */
export function startPlanEvents(): { stop: () => Promise<void> } {
  return listen({
    heard: payload => {
      const { planId = '', planIds = [planId], type } = JSON.parse(payload) as Notice
      for (const wake of type === 'work' ? workers : watchers) wake()
      if (type === 'received') tellReceived(planIds)
      else for (const hear of listeners.get(planId) ?? []) hear(payload)
    },
    gone: () => tellAll({ type: 'away' }),
    back: () => {
      tellAll({ type: 'refresh' })
      for (const wake of [...workers, ...watchers]) wake()
    },
  })
}

interface Notice {
  readonly type: string
  readonly planId?: string
  /** Whose windows are told that they were given something; null: all. */
  readonly planIds?: readonly string[] | null
}

function tellReceived(planIds: readonly string[] | null): void {
  if (planIds === null) return tellAll({ type: 'received' })
  for (const planId of planIds)
    for (const hear of listeners.get(planId) ?? []) hear(JSON.stringify({ type: 'received' }))
}

function tellAll(event: { readonly type: 'away' | 'refresh' | 'received' }): void {
  for (const set of listeners.values()) for (const hear of set) hear(JSON.stringify(event))
}
