import { ref } from 'vue'

const KEEP_MS = 900

/** Sends what is written a moment after the last letter, and again some seconds later when that failed. */
export function keptSoon(send: () => Promise<unknown>, failed: (error: unknown) => void) {
  const state = ref<'kept' | 'waiting' | 'keeping' | 'failed'>('kept')
  let timer: ReturnType<typeof setTimeout> | undefined
  let sending: Promise<unknown> = Promise.resolve()
  /** False once something was written while it was sent. */
  const isStillKeeping = () => state.value === 'keeping'

  function soon(): void {
    state.value = 'waiting'
    clearTimeout(timer)
    timer = setTimeout(() => void now(), KEEP_MS)
  }

  async function now(): Promise<void> {
    clearTimeout(timer)
    state.value = 'keeping'
    try {
      await (sending = send())
      if (isStillKeeping()) state.value = 'kept'
    } catch (error) {
      failed(error)
      state.value = 'failed'
      timer = setTimeout(() => void now(), KEEP_MS * 4)
    }
  }

  /** Nothing more is sent. What is on its way already is waited for by `settled`. */
  function stop(): void {
    clearTimeout(timer)
    state.value = 'kept'
  }

  const settled = () => sending.catch(failed)

  return { state, soon, now, stop, settled }
}
