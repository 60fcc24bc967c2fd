// Loads what is shown again after something changed: several changes together, and once more where the server did not
// answer, so that nothing old stays in view.

const RETRY_MS = 2000

export interface Refreshing<Part extends string> {
  /** Loads these parts within so many milliseconds, with whatever else is wanted by then. */
  readonly soon: (parts: readonly Part[], ms: number) => void
  readonly stop: () => void
}

/**
 * `load`: how each part is loaded; false when the server did not answer. `isAway`: the server is known to be away, and
 * everything is loaded when it is back. `also` runs with every loading.
 */
export function refreshing<Part extends string>(
  load: Readonly<Record<Part, () => Promise<boolean>>>,
  { isAway, also }: { isAway: () => boolean; also: () => void },
): Refreshing<Part> {
  const wanted = new Set<Part>()
  let timer: ReturnType<typeof setTimeout> | null = null
  let due = 0

  async function loadWanted(): Promise<void> {
    timer = null
    const parts = [...wanted]
    wanted.clear()
    also()
    const isLoaded = await Promise.all(parts.map(part => load[part]()))
    const missing = parts.filter((_, index) => !isLoaded[index])
    if (missing.length > 0 && !isAway()) soon(missing, RETRY_MS)
  }

  function soon(parts: readonly Part[], ms: number): void {
    for (const part of parts) wanted.add(part)
    const then = Date.now() + ms
    if (timer !== null && due <= then) return
    if (timer !== null) clearTimeout(timer)
    due = then
    timer = setTimeout(() => void loadWanted(), ms)
  }

  return {
    soon,
    stop: () => {
      if (timer !== null) clearTimeout(timer)
      timer = null
    },
  }
}
