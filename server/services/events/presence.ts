// Who has a window open on a plan, and where, told to the others who have. In this process alone, as the streams are.

export interface Present {
  readonly name: string
  /** The folder that they look at; null: the top of the plan, or a page that is no folder. */
  readonly folderId: string | null
}

interface Window {
  readonly accountId: string
  readonly name: string
  /** By which the window says where it is; null: it does not. */
  readonly id: string | null
  readonly tell: (people: readonly Present[]) => void
}

/** The last of a person's windows that came or moved is where they are. */
interface Place {
  folderId: string | null
  at: number
}

const windows = new Map<string, Map<Window, Place>>()
let moves = 0

/** `tell` hears of the others, now and whenever that changes, until the returned function is called. */
export function comeToPlan(planId: string, window: Window): () => void {
  const here = windows.get(planId) ?? new Map<Window, Place>()
  windows.set(planId, here)
  here.set(window, { folderId: null, at: ++moves })
  tellAll(here)
  return () => {
    here.delete(window)
    if (here.size === 0) windows.delete(planId)
    else tellAll(here)
  }
}

/** A window of this person looks at another folder; nothing happens where it is not open. */
export function moveTo(planId: string, accountId: string, windowId: string, folderId: string | null): void {
  const here = windows.get(planId)
  for (const [window, place] of here ?? []) {
    if (window.accountId !== accountId || window.id !== windowId) continue
    Object.assign(place, { folderId, at: ++moves })
    if (here) tellAll(here)
    return
  }
}

function tellAll(here: ReadonlyMap<Window, Place>): void {
  const people = new Map<string, Present>()
  for (const [{ accountId, name }, { folderId }] of [...here].sort(([, a], [, b]) => a.at - b.at))
    people.set(accountId, { name, folderId })
  for (const { accountId, tell } of here.keys()) {
    const others = [...people].flatMap(([id, person]) => (id === accountId ? [] : [person]))
    tell(others.sort((a, b) => a.name.localeCompare(b.name, 'en')))
  }
}
