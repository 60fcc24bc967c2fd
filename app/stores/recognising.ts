import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Recognising } from '../../contract/reading'
import { readRecognising, setRecognising } from '../api/reading'
import { useNotice } from './notice'
import { refusalOf } from './remote'

/** Pages that are pictures, on their way to be found by their words. */
export const useRecognising = defineStore('recognising', () => {
  const now = ref<Recognising | null>(null)

  async function load(): Promise<void> {
    try {
      now.value = await readRecognising()
    } catch (error) {
      refusalOf(error) // away: the notice about that is shown by the shell
    }
  }

  async function set(recognising: boolean, languages: readonly string[] | null): Promise<void> {
    try {
      now.value = await setRecognising(recognising, languages)
    } catch (error) {
      useNotice().refuse(refusalOf(error))
    }
  }

  return { now, load, set }
})
