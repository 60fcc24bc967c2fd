// What a run of documents in a list has in common, in words.

import type { FoundGroup, TypeGroup } from '../../core/find/index'
import { TYPE_GROUPS } from '../../core/find/index'
import type { FolderId, MeaningId, TagId } from '../../core/ids'
import { usePlaceNames } from '../stores/placeNames'
import { useTagList } from '../stores/tagList'
import { useColourKey } from '../stores/colourKey'

/** `value` is what a grouped search says of a document: an id, a word, a month. */
export function useGroupText(): (group: FoundGroup, value: string) => string {
  const placeNames = usePlaceNames()
  const tagList = useTagList()
  const colourKey = useColourKey()
  return (group, value) => {
    switch (group) {
      case 'none':
        return ''
      case 'place':
        return value === '' ? 'In-tray' : (placeNames.placeOf(value as FolderId)?.text ?? 'elsewhere')
      case 'type':
        return TYPE_GROUPS[value as TypeGroup].name
      case 'meaning':
        return value === '' ? 'No colour' : (colourKey.meaningById.get(value as MeaningId)?.name ?? '')
      case 'tag':
        return value === '' ? 'No tag' : (tagList.tagById.get(value as TagId)?.name ?? '')
      case 'month':
        return new Date(`${value}-15T00:00:00Z`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' })
      case 'sender':
        return value === '' ? 'No sender' : value
    }
  }
}
