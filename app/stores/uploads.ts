import { defineStore } from 'pinia'
import { v7 } from 'uuid'
import { computed, ref } from 'vue'
import type { FolderId } from '../../core/ids'
import type { Clash } from '../../core/plan/index'
import { findClashes } from '../api/documents'
import { upload } from '../api/uploads'
import { useActs } from './acts'
import { useDialogs } from './dialogs'
import { reasonOf } from './remote'

export interface UploadItem {
  readonly id: string
  readonly changeId: string
  readonly name: string
  readonly size: number
  readonly folder: string
  readonly clash: Clash
  readonly origin: 'upload' | 'paste'
  state: 'waiting' | 'running' | 'done' | 'stopped' | 'failed'
  /** 0 to 1. */
  share: number
  reason: string
}

const AT_ONCE = 2

/** Files on their way into the plan. */
export const useUploads = defineStore('uploads', () => {
  const items = ref<UploadItem[]>([])
  const files = new Map<string, File>()
  const stops = new Map<string, AbortController>()

  const open = computed(() => items.value.filter(item => item.state === 'waiting' || item.state === 'running'))

  /** Asks about names that are taken, then queues the files. null is the In-tray. */
  async function add(chosen: readonly File[], folderId: FolderId | null, origin: UploadItem['origin'] = 'upload'): Promise<void> {
    if (chosen.length === 0) return
    const folder = folderId ?? 'in-tray'
    const answers = await answersFor(chosen, folder)
    if (answers === null) return
    for (const file of chosen) {
      const answer = answers.get(file.name) ?? 'both'
      if (answer === 'skip') continue
      const item: UploadItem = { id: v7(), changeId: v7(), name: file.name, size: file.size, folder, clash: answer, origin, state: 'waiting', share: 0, reason: '' }
      files.set(item.id, file)
      items.value.push(item)
    }
    runNext()
  }

  async function answersFor(chosen: readonly File[], folder: string): Promise<ReadonlyMap<string, Clash | 'skip'> | null> {
    try {
      const { clashes } = await findClashes(folder, chosen.map(file => file.name))
      return clashes.length === 0 ? new Map() : await useDialogs().askClash(clashes)
    }
    catch (error) {
      useActs().refuse(reasonOf(error))
      return null
    }
  }

  function runNext(): void {
    while (items.value.filter(item => item.state === 'running').length < AT_ONCE) {
      const item = items.value.find(candidate => candidate.state === 'waiting')
      if (!item) return
      void run(item)
    }
  }

  async function run(item: UploadItem): Promise<void> {
    const file = files.get(item.id)
    if (!file) return
    const stop = new AbortController()
    stops.set(item.id, stop)
    item.state = 'running'
    try {
      await upload({ changeId: item.changeId, documentId: item.id, folder: item.folder, file, clash: item.clash, origin: item.origin }, (share) => { item.share = share }, stop.signal)
      item.state = 'done'
      files.delete(item.id)
      await useActs().refresh()
    }
    catch (error) {
      const reason = reasonOf(error)
      item.state = reason.code === 'upload.stopped' ? 'stopped' : 'failed'
      item.reason = reason.message
    }
    finally {
      stops.delete(item.id)
      runNext()
    }
  }

  function stop(item: UploadItem): void {
    if (item.state === 'waiting') item.state = 'stopped'
    stops.get(item.id)?.abort()
  }

  function retry(item: UploadItem): void {
    item.state = 'waiting'
    item.share = 0
    runNext()
  }

  function clear(): void {
    for (const item of items.value) if (item.state === 'done' || item.state === 'stopped') files.delete(item.id)
    items.value = open.value
  }

  return { items, open, add, stop, retry, clear }
})
