import { newId } from '../../contract/newId'
import type { FolderId } from '../../core/ids'
import { call } from './http'

export interface PersonHere {
  readonly name: string
  /** null: at the top of the plan, or on a page that is no folder. */
  readonly folderId: string | null
}

export type PlanEvent =
  | {
      readonly type: 'change'
      readonly revision: number
      readonly changeId: string
      readonly tables: readonly string[]
      readonly places: readonly string[] | null
    }
  /** How far a long act is, in rows. */
  | { readonly type: 'progress'; readonly changeId: string; readonly done: number; readonly total: number }
  | { readonly type: 'reading'; readonly documentId: string }
  /** Its small picture was made, or it is known that there is none. */
  | { readonly type: 'thumbnail'; readonly documentId: string }
  /** Who else has a window open on this plan, and which folder they look at. */
  | { readonly type: 'here'; readonly people: readonly PersonHere[] }
  /** Somebody gave me something, or took it back. */
  | { readonly type: 'received' }
  /** Somebody would like to be given something of this plan, or was answered. */
  | { readonly type: 'requests' }
  /** Something was locked or unlocked, or a lock was opened or closed in a window. */
  | { readonly type: 'locks' }
  /** Something was offered to be handed over, taken over, declined or taken back. */
  | { readonly type: 'handovers' }
  | { readonly type: 'away' }
  | { readonly type: 'refresh' }

export interface EventListening {
  readonly onEvent: (event: PlanEvent) => void
  /** At each connection, the first one too. */
  readonly opened: () => void
  /** `refused`: the server is there, and would not let this window listen. */
  readonly lost: (refused: boolean) => void
}

const RETRY_MS = 2000
/** By which this window says where it is. */
const WINDOW = newId()

export const tellPlace = (folderId: FolderId | null) =>
  call<object>('PUT', '/api/events/place', { body: { window: WINDOW, folderId } })

/**
 * Hears what happens to the plan until the returned function is called; tries again by itself whenever the connection
 * is lost.
 */
export function subscribeToEvents({ onEvent, opened, lost }: EventListening): () => void {
  let source: EventSource | null = null
  let timer: ReturnType<typeof setTimeout> | null = null
  const connect = () => {
    const mine = (source = new EventSource(`/api/events?window=${WINDOW}`))
    mine.onopen = opened
    mine.onmessage = message => onEvent(JSON.parse(String(message.data)) as PlanEvent)
    mine.onerror = () => {
      // The browser tries again by itself, except after an answer that refuses.
      const refused = mine.readyState === EventSource.CLOSED
      if (refused) timer = setTimeout(connect, RETRY_MS)
      lost(refused)
    }
  }
  connect()
  return () => {
    source?.close()
    if (timer) clearTimeout(timer)
  }
}
