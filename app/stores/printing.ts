// Printing what is looked at: what is long is loaded and laid out whole first, and goes back to its view afterwards.

import { useEventListener } from '@vueuse/core'
import { defineStore } from 'pinia'
import { nextTick, ref } from 'vue'
import { useNotice } from './notice'
import { refusalOf } from './remote'

// Browsers that do not say when they are done have taken their copy by then.
const TAKEN_MS = 1500

export const usePrinting = defineStore('printing', () => {
  /** Long lists are laid out whole. */
  const isOn = ref(false)
  const works = new Set<() => Promise<unknown>>()

  /** Work that has to be done before: loading the rest, drawing pages. Gives what takes it off again. */
  function before(work: () => Promise<unknown>): () => void {
    works.add(work)
    return () => works.delete(work)
  }

  async function print(): Promise<void> {
    try {
      for (const work of [...works]) await work()
      isOn.value = true
      await nextTick()
      window.print()
      setTimeout(end, TAKEN_MS)
    } catch (error) {
      end()
      useNotice().refuse(refusalOf(error))
    }
  }

  const end = (): void => {
    isOn.value = false
  }
  // From the browser's own menu: what is loaded is laid out whole.
  useEventListener('beforeprint', () => (isOn.value = true))
  useEventListener('afterprint', end)

  return { isOn, before, print }
})
