import type { Ref } from 'vue'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { PlanEvent } from '../api/events'
import { subscribeToEvents } from '../api/events'
import { refreshing } from './refreshing'
import { useAccessRequests } from '../stores/accessRequests'
import { useActs } from '../stores/acts'
import { useLongActs } from '../stores/longActs'
import { useFind } from '../stores/find'
import { useHandovers } from '../stores/handovers'
import { useLocks } from '../stores/locks'
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
  const [longActs, locks, handovers] = [useLongActs(), useLocks(), useHandovers()]
  const [session, thumbnails, received, requests] = [useSession(), useThumbnails(), useReceived(), useAccessRequests()]
  const away = ref(false)
  let stop: (() => void) | null = null
  let seen = false

  const { soon, stop: stopRefreshing } = refreshing(
    { outline: plan.load, documentList: documentList.refresh, find: find.again },
    { isAway: () => away.value, also: () => void acts.refresh() },
  )

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
    if (event.type === 'handovers') return void handovers.load()
    if (event.type === 'locks') void locks.load()
    if (event.type === 'here') return plan.meet(event.people)
    if (event.type === 'refresh') soon(['outline', 'documentList', 'find'], TOGETHER_MS)
    else if (event.type === 'locks') soon(['documentList'], TOGETHER_MS)
    else if (event.type === 'reading') soon(['documentList', 'find'], READ_TOGETHER_MS)
    else soon(isListTouched(event) ? ['outline', 'documentList', 'find'] : ['outline', 'find'], TOGETHER_MS)
    for (const watcher of watchers) watcher(event)
  }
  const isListTouched = ({ places, tables }: Extract<PlanEvent, { type: 'change' }>) =>
    places === null || places.some(isOpenPlace) || tables.includes('folder')
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
        // What happened while nobody listened; the first time, what happened since the page was loaded.
        if (missed) onEvent({ type: 'refresh' })
        else void acts.refresh().then(catchUp)
      },
      lost: refused => {
        away.value = true
        if (refused) void stillSignedIn()
      },
    })
  })

  /** Words may have been read since the first answer of a search; of the outline it is known what it is of. */
  function catchUp(): void {
    const isBehind = (acts.last.last?.revision ?? 0) > (plan.reply?.plan.revision ?? Infinity)
    if (isBehind) onEvent({ type: 'refresh' })
    else if (find.lastRequest) soon(['find'], TOGETHER_MS)
  }

  async function stillSignedIn(): Promise<void> {
    await session.load()
    if (session.session.state === 'ready' && session.email === null) ended()
  }

  onBeforeUnmount(() => {
    stop?.()
    stopRefreshing()
  })
  return { away }
}

/** Calls `watcher` with each event of the plan while the component lives. */
export function onPlanEvent(watcher: Watcher): void {
  onMounted(() => watchers.add(watcher))
  onBeforeUnmount(() => watchers.delete(watcher))
}
