// Whether the reader shows an office document as pages or as it was read: chosen once for each kind of document, and
// remembered in this browser.

import { useLocalStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import { computed, ref, watch } from 'vue'
import type { DocumentFacts } from '../../contract/document'
import { formatOf } from '../../core/formats/index'

/** Tables are easier to read as tables, with their sheets as tabs. */
const AT_FIRST: Readonly<Record<string, boolean>> = { writing: true, slides: true, picture: true, table: false }

export const isSetAtFirst = (extension: string): boolean => AT_FIRST[formatOf(extension)?.group ?? ''] === true

/** `isFind`: it was opened from a search, whose hits are known in the text as it was read. */
export function useAsPages(document: Readonly<Ref<DocumentFacts | null>>, isFind: boolean) {
  const chosen = useLocalStorage('hembix.asPages', { ...AT_FIRST }, { mergeDefaults: true })
  const group = computed(() => formatOf(document.value?.extension ?? '')?.group ?? 'other')
  const on = ref(false)
  watch(
    group,
    now => {
      on.value = !isFind && chosen.value[now] === true
    },
    { immediate: true },
  )
  return {
    /** The server can set it as pages. */
    canBe: computed(() => document.value?.asPages === true),
    isSet: computed(() => on.value && document.value?.asPages === true),
    choose(asPages: boolean): void {
      on.value = asPages
      chosen.value[group.value] = asPages
    },
  }
}
