// Who has a window open on a plan, told to the others who have. In this process alone, as the streams are.

interface Window {
  readonly accountId: string
  readonly name: string
  readonly tell: (names: readonly string[]) => void
}

const windows = new Map<string, Set<Window>>()

/** `tell` hears the names of the others, now and whenever that changes, until the returned function is called. */
export function comeToPlan(planId: string, window: Window): () => void {
  const set = windows.get(planId) ?? new Set<Window>()
  windows.set(planId, set)
  set.add(window)
  tellAll(set)
  return () => {
    set.delete(window)
    if (set.size === 0) windows.delete(planId)
    else tellAll(set)
  }
}

function tellAll(set: ReadonlySet<Window>): void {
  const people = new Map([...set].map(({ accountId, name }) => [accountId, name]))
  for (const { accountId, tell } of set) {
    const others = [...people].filter(([id]) => id !== accountId).map(([, name]) => name)
    tell(others.sort((a, b) => a.localeCompare(b, 'en')))
  }
}
