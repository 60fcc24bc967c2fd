// What was copied last and put down: Ctrl+V puts it down once more, until something else is picked up or another
// window was used.

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { InHand } from './inHand'

export const useLastCopy = defineStore('lastCopy', () => {
  const items = ref<readonly InHand[]>([])
  /** Another window was used since: the system's clipboard may be what is meant. */
  const wasAway = ref(false)

  function remember(copied: readonly InHand[]): void {
    items.value = copied
    wasAway.value = false
  }

  function forget(): void {
    items.value = []
  }

  return { items, wasAway, remember, forget }
})
