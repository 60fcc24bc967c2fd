// What a run of documents in a list has in common, in words.

import type { FoundGroup, TypeGroup } from '../../core/find/index'
import { TYPE_GROUPS } from '../../core/find/index'
import type { FolderId, MeaningId, TagId } from '../../core/ids'
import { usePlan } from '../stores/plan'

/** `value` is what a grouped search says of a document: an id, a word, a month. */
export function useGroupText(): (group: FoundGroup, value: string) => string {
  const plan = usePlan()
  return (group, value) => {
    switch (group) {
      case 'none':
        return ''
      case 'place':
        return value === '' ? 'In-tray' : (plan.placeOf(value as FolderId)?.text ?? 'elsewhere')
      case 'type':
        return TYPE_GROUPS[value as TypeGroup].name
      case 'meaning':
        return value === '' ? 'No colour' : (plan.meaningById.get(value as MeaningId)?.name ?? '')
      case 'tag':
        return value === '' ? 'No tag' : (plan.tagById.get(value as TagId)?.name ?? '')
      case 'month':
        return new Date(`${value}-15T00:00:00Z`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' })
      case 'sender':
        return value === '' ? 'No sender' : value
    }
  }
}
