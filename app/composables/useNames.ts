import { computed } from 'vue'
import type { ComputedRef } from 'vue'
import type { Names } from '../../core/find/index'
import type { FolderId, MeaningId, TagId } from '../../core/ids'
import { foldedText } from '../../core/text/index'
import { usePlaceNames } from '../stores/placeNames'
import { useTagList } from '../stores/tagList'
import { useColourKey } from '../stores/colourKey'

/** How folders, tags and colours are called while one types a search by field. */
export function useNames(): ComputedRef<Names> {
  const placeNames = usePlaceNames()
  const tagList = useTagList()
  const colourKey = useColourKey()
  return computed<Names>(
    () =>
      ({
        folder(text) {
          const [first = '', ...rest] = text.trim().split(/\s+/)
          const [whole, name] = [foldedText(text), foldedText(rest.join(' '))]
          const found =
            placeNames.findable.find(
              folder =>
                folder.code !== '' &&
                folder.code.toLowerCase() === first.toLowerCase() &&
                (name === '' || folder.folded.startsWith(name)),
            ) ?? placeNames.findable.find(folder => folder.folded === whole)
          return found?.id ?? null
        },
        folderText: id => placeNames.placeOf(id)?.text ?? 'a folder that is gone',
        tag: text => tagList.tags.find(tag => tag.folded === foldedText(text))?.id ?? null,
        tagText: id => tagList.tagById.get(id)?.name ?? 'a tag that is gone',
        meaning: text => colourKey.meanings.find(meaning => foldedText(meaning.name) === foldedText(text))?.id ?? null,
        meaningText: id => colourKey.meaningById.get(id)?.name ?? 'a colour that is gone',
      }) satisfies {
        folder: (text: string) => FolderId | null
        folderText: (id: FolderId) => string
        tag: (text: string) => TagId | null
        tagText: (id: TagId) => string
        meaning: (text: string) => MeaningId | null
        meaningText: (id: MeaningId) => string
      },
  )
}
