import { computed } from 'vue'
import type { ComputedRef } from 'vue'
import type { Names } from '../../core/find/index'
import type { FolderId, MeaningId, TagId } from '../../core/ids'
import { foldedText } from '../../core/text/index'
import { usePlan } from '../stores/plan'

/** How folders, tags and colours are called while one types a search by field. */
export function useNames(): ComputedRef<Names> {
  const plan = usePlan()
  return computed<Names>(
    () =>
      ({
        folder(text) {
          const [first = '', ...rest] = text.trim().split(/\s+/)
          const [whole, name] = [foldedText(text), foldedText(rest.join(' '))]
          const found =
            plan.findable.find(
              folder =>
                folder.code !== '' &&
                folder.code.toLowerCase() === first.toLowerCase() &&
                (name === '' || folder.folded.startsWith(name)),
            ) ?? plan.findable.find(folder => folder.folded === whole)
          return found?.id ?? null
        },
        folderText: id => plan.placeOf(id)?.text ?? 'a folder that is gone',
        tag: text => plan.tags.find(tag => tag.folded === foldedText(text))?.id ?? null,
        tagText: id => plan.tagById.get(id)?.name ?? 'a tag that is gone',
        meaning: text => plan.meanings.find(meaning => foldedText(meaning.name) === foldedText(text))?.id ?? null,
        meaningText: id => plan.meaningById.get(id)?.name ?? 'a colour that is gone',
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
