import type { Ref } from 'vue'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { PlanEvent } from '../api/events'
import { subscribeToEvents } from '../api/events'
import { useAccessRequests } from '../stores/accessRequests'
import { useActs } from '../stores/acts'
import { useLongActs } from '../stores/longActs'
import { useFind } from '../stores/find'
import { usePlan } from '../stores/plan'
import { useDocumentList } from '../stores/documentList'
import { useReceived } from '../stores/received'
import { useSession } from '../stores/session'
import { useThumbnails } from '../stores/thumbnails'

type Watcher = (event: PlanEvent) => void
const watchers = new Set<Watcher>()

const TOGETHER_MS = 60
// While many documents are read, each tells so: what is shown follows once a second.
const READ_TOGETHER_MS = 1000

/**
 * Keeps this window true to what happens in others, and knows when the server is away. Used once, by the shell, which
 * is told when the session is over.
 */
export function usePlanEvents(ended: () => void): { away: Readonly<Ref<boolean>> } {
  const [plan, documentList, acts, find] = [usePlan(), useDocumentList(), useActs(), useFind()]
  const longActs = useLongActs()
  const [session, thumbnails, received, requests] = [useSession(), useThumbnails(), useReceived(), useAccessRequests()]
  const away = ref(false)
  let stop: (() => void) | null = null
  let timer: ReturnType<typeof setTimeout> | null = null
  let due = 0
  const pending = { outline: false, documentList: false, find: false }
  let seen = false

  const flush = () => {
    timer = null
    if (pending.outline) void plan.load()
    if (pending.documentList) void documentList.refresh()
    if (pending.find) void find.again()
    void acts.refresh()
    pending.outline = pending.documentList = pending.find = false
  }
  const soon = (ms = TOGETHER_MS) => {
    const then = Date.now() + ms
    if (timer !== null && due <= then) return
    if (timer !== null) clearTimeout(timer)
    due = then
    timer = setTimeout(flush, ms)
  }

  const onEvent = (event: PlanEvent) => {
    away.value = event.type === 'away'
    if (event.type === 'away') return
    if (event.type === 'progress') {
      longActs.subscribeToProgress(event)
      return
    }
    if (event.type === 'thumbnail') return thumbnails.refresh(event.documentId)
    if (event.type === 'received') return void received.load()
    if (event.type === 'requests') return void requests.load()
    if (event.type === 'here') return plan.meet(event.names)
    if (event.type === 'refresh') pending.outline = pending.documentList = pending.find = true
    else if (event.type === 'reading') pending.documentList = pending.find = true
    else {
      pending.outline = true
      pending.find = true
      if (event.places === null || event.places.some(isOpenPlace) || event.tables.includes('folder'))
        pending.documentList = true
    }
    soon(event.type === 'reading' ? READ_TOGETHER_MS : TOGETHER_MS)
    for (const watcher of watchers) watcher(event)
  }
  const isOpenPlace = (id: string) =>
    id === documentList.place || (documentList.place === 'in-tray' && id === plan.reply?.plan.id)

  onMounted(() => {
    stop = subscribeToEvents({
      onEvent,
      opened: () => {
        const missed = seen || away.value
        away.value = false
        seen = true
        if (session.session.state === 'error') void stillSignedIn()
        if (missed)
          onEvent({ type: 'refresh' }) // what happened while nobody listened
        else if (find.lastRequest) {
          pending.find = true
          soon()
        } // words may have been read between the first answer and now
      },
      lost: refused => {
        away.value = true
        if (refused) void stillSignedIn()
      },
    })
  })

  async function stillSignedIn(): Promise<void> {
    await session.load()
    if (session.session.state === 'ready' && session.email === null) ended()
  }

  onBeforeUnmount(() => {
    stop?.()
    if (timer) clearTimeout(timer)
  })
  return { away }
}

/** Calls `watcher` with each event of the plan while the component lives. */
export function onPlanEvent(watcher: Watcher): void {
  onMounted(() => watchers.add(watcher))
  onBeforeUnmount(() => watchers.delete(watcher))
}
