import { defineStore } from 'pinia'
import { ref } from 'vue'

/** The list from which a document was opened: the reader goes on in it. */
export const useTrail = defineStore('trail', () => {
  const ids = ref<readonly string[]>([])

  /** The document before or after this one in the list; null at its ends, or where it is not in it. */
  function beside(id: string, by: 1 | -1): string | null {
    const at = ids.value.indexOf(id)
    return at < 0 ? null : (ids.value[at + by] ?? null)
  }

  /** The document that the reader was left with; the list it came from gives its row the keys, once. */
  const left = ref<string | null>(null)

  return { ids, beside, left }
})
