// What the bottom line says instead of the last act: why something was not done, or a word about what was.

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Refusal } from '../../core/errors'

interface Notice {
  readonly text: string
  readonly isRefusal: boolean
  /** Takes back what it tells of, where that is no act of this plan; absent: Undo means the plan's acts. */
  readonly undo?: () => Promise<void>
}

export const useNotice = defineStore('notice', () => {
  const present = shallowRef<Notice | null>(null)

  function refuse(reason: Refusal): void {
    present.value = { text: reason.message, isRefusal: true }
  }

  function say(text: string, undo?: () => Promise<void>): void {
    present.value = { text, isRefusal: false, undo }
  }

  function clear(): void {
    present.value = null
  }

  return { present, refuse, say, clear }
})
