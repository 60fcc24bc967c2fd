// The colour key of the plan: what each colour means, and how it is drawn.

import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Meaning } from '../../contract/plan'
import type { MeaningId } from '../../core/ids'
import { laidOn } from './ink'
import { usePlan } from './plan'

export const useColourKey = defineStore('colourKey', () => {
  const plan = usePlan()
  const meanings = computed<readonly Meaning[]>(() => plan.reply?.meanings ?? [])
  const meaningById = computed(() => new Map(meanings.value.map(meaning => [meaning.id, meaning])))

  function inkOf(id: MeaningId | null): string | null {
    return id === null ? null : (meaningById.value.get(id)?.ink ?? null)
  }

  /** Background for a colour, with the gaps of its pattern. */
  function laidOf(id: MeaningId | null): string | null {
    const shown = id === null ? undefined : meaningById.value.get(id)
    return shown ? laidOn(shown.ink, shown.pattern) : null
  }

  function meaningName(id: string): string | null {
    return meaningById.value.get(id as MeaningId)?.name ?? null
  }

  return { meanings, meaningById, inkOf, laidOf, meaningName }
})
