import { ref } from 'vue'
import { HembixError } from '../../core/errors'

/** A form on its way: it is sent once at a time, and what is refused is said in it. */
export function useSending() {
  const busy = ref(false)
  /** Why it was refused; empty: it was not. */
  const refused = ref('')

  /** True when it went through. */
  async function send(work: () => Promise<void>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    refused.value = ''
    try {
      await work()
      return true
    } catch (error) {
      if (!(error instanceof HembixError)) throw error
      refused.value = error.refusal.message
      return false
    } finally {
      busy.value = false
    }
  }

  return { busy, refused, send }
}
