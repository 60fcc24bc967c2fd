// Small pictures of documents that are in view: asked for together, and shown as soon as they are made.

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { ThumbnailState } from '../../contract/document'
import { call } from '../api/http'
import { refusalOf } from './remote'

const TOGETHER_MS = 80
const AT_ONCE = 200

export const useThumbnails = defineStore('thumbnails', () => {
  const states = ref<ReadonlyMap<string, ThumbnailState>>(new Map())
  const wanted = new Set<string>()
  let timer: ReturnType<typeof setTimeout> | null = null

  /** Called for each document that comes into view. */
  function want(id: string): void {
    const state = states.value.get(id)
    if (state === 'made' || state === 'none') return
    wanted.add(id)
    timer ??= setTimeout(() => void ask(), TOGETHER_MS)
  }

  /** Its contents changed, or its words are known now: it is asked for anew. */
  function forget(id: string): void {
    const next = new Map(states.value)
    if (next.delete(id)) states.value = next
    want(id)
  }

  async function ask(): Promise<void> {
    timer = null
    const ids = [...wanted].slice(0, AT_ONCE)
    for (const id of ids) wanted.delete(id)
    if (wanted.size > 0) timer = setTimeout(() => void ask(), TOGETHER_MS)
    try {
      const { thumbnails } = await call<{ thumbnails: { id: string; state: ThumbnailState }[] }>(
        'POST',
        '/api/thumbnails',
        { body: { ids } },
      )
      states.value = new Map([...states.value, ...thumbnails.map(({ id, state }) => [id, state] as const)])
    } catch (error) {
      refusalOf(error) // away: asked for again when the document comes into view again
    }
  }

  /** One was made. */
  function refresh(id: string): void {
    if (states.value.has(id)) forget(id)
  }

  return { states, want, forget, refresh }
})
