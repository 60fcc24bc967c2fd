import { shallowRef, watch } from 'vue'
import type { PlaceSuggestion } from '../../core/filing/index'
import { placesTogether } from '../../core/filing/index'
import type { DocumentId } from '../../core/ids'
import { readSuggestions } from '../api/documents'
import { refusalOf } from '../stores/remote'

// So many of the documents are asked for.
const ASKED_OF_MANY = 6
// What comes later than this would move what somebody is about to choose.
const IN_TIME_MS = 500

/** Where documents that are filed could go instead. `failed` is told why there are none. */
export function useSuggestedPlaces(documentIds: () => readonly DocumentId[], failed: (why: string) => void) {
  const places = shallowRef<readonly PlaceSuggestion[]>([])
  let request = 0
  watch(
    documentIds,
    async ids => {
      const mine = ++request
      const began = Date.now()
      places.value = []
      try {
        const each = await Promise.all(
          ids.slice(0, ASKED_OF_MANY).map(async id => (await readSuggestions(id, null)).places),
        )
        if (mine === request && Date.now() - began < IN_TIME_MS) places.value = placesTogether(each)
      } catch (error) {
        if (mine === request) failed(`Nothing is suggested: ${refusalOf(error).message}`)
      }
    },
    { immediate: true },
  )
  return places
}
