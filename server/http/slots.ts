// How many of a kind one account, and all together, may have open at a moment.

import { fail } from '../../core/errors'

const open = new Map<string, number>()

/** Takes a place under each key, or none; the function gives them back. Throws server.crowded. */
export function takeSlots(limits: Readonly<Record<string, number>>): () => void {
  const keys = Object.entries(limits)
  if (keys.some(([key, limit]) => (open.get(key) ?? 0) >= limit)) fail('server.crowded')
  for (const [key] of keys) open.set(key, (open.get(key) ?? 0) + 1)
  let given = false
  return () => {
    if (given) return
    given = true
    for (const [key] of keys) {
      const left = (open.get(key) ?? 1) - 1
      if (left > 0) open.set(key, left)
      else open.delete(key)
    }
  }
}

/** Carries `work` out while it holds the places. Throws server.crowded. */
export async function inSlots<T>(limits: Readonly<Record<string, number>>, work: () => Promise<T>): Promise<T> {
  const giveBack = takeSlots(limits)
  try {
    return await work()
  } finally {
    giveBack()
  }
}

/** How many are open under each key. */
export function openSlots(): ReadonlyMap<string, number> {
  return open
}
