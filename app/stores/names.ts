import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { ListedDocument } from '../../contract/document'
import type { FoundNames } from '../../contract/find'
import { findNames } from '../api/find'
import { refusalOf } from './remote'

const LIMIT = 8

/** Documents by name for the find field; only the answer to what was typed last counts. */
export const useNames = defineStore('names', () => {
  const documents = shallowRef<readonly ListedDocument[]>([])
  const corrected = ref<FoundNames['corrected']>(null)
  let request = 0

  async function look(text: string): Promise<void> {
    const mine = ++request
    try {
      const found = text.trim() === '' ? { documents: [], corrected: null } : await findNames(text, LIMIT)
      if (mine !== request) return
      documents.value = found.documents
      corrected.value = found.corrected
    } catch (error) {
      refusalOf(error) // away, or too long: the field keeps what it has; the Find page says why
    }
  }

  return { documents, corrected, look }
})
