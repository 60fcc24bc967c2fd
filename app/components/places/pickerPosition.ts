// Which row is meant while one types, walks and clicks, also when suggestions come late.

import type { ComputedRef, Ref } from 'vue'
import { ref, watch } from 'vue'
import type { FolderId } from '../../../core/ids'
import type { PickerProps, Target } from './pickerTargets'

/** `lies`: where it lies already, which is not what one means. */
export function usePickerPosition(
  props: PickerProps & { readonly lies: (id: FolderId | null) => boolean },
  typed: Ref<string>,
  targets: ComputedRef<readonly Target[]>,
) {
  const at = ref(0)
  let isChosen = false
  const isUntyped = () => typed.value.trim() === ''
  const found = (index: number) => Math.max(0, index)
  const first = () => found(targets.value.findIndex(({ id, not }) => not === '' && !props.lies(id)))

  watch(typed, () => (at.value = isUntyped() ? first() : 0))
  // Suggestions come when the list stands already: the first of them is meant, unless something was chosen meanwhile.
  watch(
    () => [props.suggested, targets.value] as const,
    ([suggested, now], [suggestedBefore, before]) => {
      const was = before[at.value]
      if (suggested === suggestedBefore || !was) return
      if (!isChosen && isUntyped()) {
        at.value = first()
        return
      }
      const same = now.findIndex(({ key }) => key === was.key)
      at.value = same >= 0 ? same : found(now.findIndex(({ id }) => id === was.id))
    },
  )
  at.value = first()

  function choose(index: number): void {
    isChosen = true
    at.value = Math.max(0, Math.min(targets.value.length - 1, index))
  }
  return { at, choose }
}
