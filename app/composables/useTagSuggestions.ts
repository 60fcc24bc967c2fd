// Tags that documents like the one in view carry.

import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Ref } from 'vue'
import type { DocumentId, FolderId, TagId } from '../../core/ids'
import { readTagSuggestions } from '../stores/content'
import { useTagList } from '../stores/tagList'
import { refusalOf } from '../stores/remote'

export interface SuggestedTag {
  readonly id: TagId
  readonly name: string
  readonly reason: string
}

/**
 * `document` is the only one in view, or null; `folder` where it is to go. Asked for when one rests on it, and anew
 * when its tags change.
 */
export function useTagSuggestions(
  document: () => DocumentId | null,
  folder: () => FolderId | null,
  carried: () => readonly TagId[],
): Readonly<Ref<readonly SuggestedTag[]>> {
  const tagList = useTagList()
  const found = ref<{ id: string; tags: readonly { tagId: TagId; reason: string }[] } | null>(null)

  watchDebounced(
    [document, folder, () => carried().join()],
    async ([id, to]) => {
      if (id === null) {
        found.value = null
        return
      }
      try {
        const { tags } = await readTagSuggestions(id, to)
        if (id === document()) found.value = { id, tags }
      } catch (error) {
        refusalOf(error) // only an offer: away, it is left out
        found.value = null
      }
    },
    { debounce: 250, immediate: true },
  )

  return computed(() =>
    found.value === null || found.value.id !== document()
      ? []
      : found.value.tags.flatMap(({ tagId, reason }) => {
          const tag = tagList.tagById.get(tagId)
          return tag && !tag.hidden && !carried().includes(tagId) ? [{ id: tagId, name: tag.name, reason }] : []
        }),
  )
}
