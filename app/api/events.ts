export type PlanEvent =
  | { readonly type: 'change'; readonly revision: number; readonly changeId: string; readonly tables: readonly string[]; readonly places: readonly string[] | null }
  | { readonly type: 'reading'; readonly documentId: string }
  | { readonly type: 'refresh' }

/** Hears what happens to the plan until the returned function is called. `opened` is called at each (re)connection. */
export function hearEvents(hear: (event: PlanEvent) => void, opened: () => void, lost: () => void): () => void {
  const source = new EventSource('/api/events')
  source.onopen = opened
  source.onerror = lost
  source.onmessage = message => hear(JSON.parse(String(message.data)) as PlanEvent)
  return () => source.close()
}
