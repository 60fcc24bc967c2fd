// How many were found, in words.

import type { ComputedRef } from 'vue'
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import { useFind } from '../../stores/find'
import { documentsFound } from '../../stores/foundNumber'

const COUNTING = { counting: 'counting …', unknown: 'documents' } as const

export function useFoundCounts(folders: ComputedRef<readonly unknown[]>) {
  const find = useFind()
  const countText = computed(() => {
    if (find.results.state !== 'ready') return ''
    const text =
      typeof find.counted === 'string'
        ? COUNTING[find.counted]
        : documentsFound(find.counted.count, find.counted.countLimit)
    return folders.value.length > 0 ? `${text}, ${counted(folders.value.length, 'folder')}` : text
  })
  /** How many hold the words just as they were typed, where others hold only other forms of them. */
  const asTyped = computed(() => {
    const { counted: all, counts } = find
    if (typeof all === 'string' || !counts || counts.exactly === null || counts.exactly === 0) return null
    return counts.exactly < all.count ? counts.exactly : null
  })
  return { countText, asTyped }
}
