// What the bottom line says instead of the last act: why something was not done, or a word about what was.

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Refusal } from '../../core/errors'

export const useNotice = defineStore('notice', () => {
  const present = ref<{ text: string; isRefusal: boolean } | null>(null)

  function refuse(reason: Refusal): void {
    present.value = { text: reason.message, isRefusal: true }
  }

  function say(text: string): void {
    present.value = { text, isRefusal: false }
  }

  function clear(): void {
    present.value = null
  }

  return { present, refuse, say, clear }
})
