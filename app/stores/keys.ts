// The keys of acts: those they come with, those the person chose instead, and whether single letters are heard at all.

import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { isLetterKey } from './keyText'

interface SavedKeys {
  /** False: single letters do nothing, as for those who speak to their computer. */
  letters: boolean
  /** By the id of the act; empty: none. */
  changed: Record<string, string>
}

// Made anew for each: what is kept is written into it.
const first = (): SavedKeys => ({ letters: true, changed: {} })

export interface Keyed {
  readonly id: string
  readonly key?: string
  readonly also?: readonly string[]
}

export const useKeys = defineStore('keys', () => {
  const saved = useStorage<SavedKeys>('hembix.keys', first, localStorage, { mergeDefaults: true, writeDefaults: false })
  const areLettersHeard = computed({ get: () => saved.value.letters, set: on => (saved.value.letters = on) })
  const isChanged = computed(() => Object.keys(saved.value.changed).length > 0)

  /** All keys the act hears; the first is shown beside it. */
  function keysOf({ id, key, also = [] }: Keyed): readonly string[] {
    const own = saved.value.changed[id] ?? key ?? ''
    return [...(own === '' ? [] : [own]), ...also].filter(one => saved.value.letters || !isLetterKey(one))
  }

  /** Gives the act this key; null: the one it came with. */
  function setKey(id: string, key: string | null): void {
    const { [id]: _, ...others } = saved.value.changed
    saved.value.changed = key === null ? others : { ...others, [id]: key }
  }

  const reset = () => (saved.value.changed = {})

  return { areLettersHeard, isChanged, keysOf, setKey, reset }
})
