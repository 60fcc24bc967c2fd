import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Tag } from '../../contract/plan'
import { usePlan } from './plan'

/** The tags of the plan, as they are shown beside names and chosen from. */
export const useTagList = defineStore('tagList', () => {
  const plan = usePlan()
  const tags = computed<readonly Tag[]>(() => plan.reply?.tags ?? [])
  const tagById = computed(() => new Map(tags.value.map(tag => [tag.id, tag])))
  return { tags, tagById }
})
