// The one arrival that is looked at: loaded with what it says inside, and once more when it has been read.

import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { readDocument } from '../../stores/content'
import { useFiling } from '../../stores/filing'
import { useNotice } from '../../stores/notice'
import { refusalOf } from '../../stores/remote'

/** What is looked at, null while it is loaded or where several are meant; what was suggested is asked anew in time. */
export function useDocumentInView() {
  const [filing, notices] = [useFiling(), useNotice()]
  const document = ref<DocumentFacts | null>(null)

  async function load(id: string | undefined): Promise<void> {
    if (id === undefined) {
      document.value = null
      return
    }
    try {
      const found = await readDocument(id)
      if (filing.only?.id === id) document.value = found
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
  }

  // The words of a dozen are read one after the other; what they suggest is asked once they pause.
  const lookAgain = useDebounceFn(() => void filing.look([...filing.documents], null), 150)

  watch(() => filing.only?.id, load, { immediate: true })
  onPlanEvent(event => {
    if (event.type === 'change' || event.type === 'refresh') filing.forgetAhead()
    if (event.type === 'reading' && filing.documents.some(({ id }) => id === event.documentId)) {
      filing.forgetAhead()
      if (filing.only) void load(event.documentId)
      void lookAgain()
    }
  })
  return document
}
