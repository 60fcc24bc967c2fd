<script setup lang="ts">
// What a run of results has in common when the list is grouped.
import { computed } from 'vue'
import type { FoundGroup, TypeGroup } from '../../../core/find/index'
import { TYPE_GROUPS } from '../../../core/find/index'
import type { FolderId, MeaningId, TagId } from '../../../core/ids'
import { usePlan } from '../../stores/plan'

const props = defineProps<{ group: FoundGroup; value: string }>()
const plan = usePlan()

const text = computed(() => {
  const { group, value } = props
  switch (group) {
    case 'place': return value === '' ? 'In-tray' : plan.placeOf(value as FolderId)?.text ?? 'elsewhere'
    case 'type': return TYPE_GROUPS[value as TypeGroup].name
    case 'meaning': return value === '' ? 'No colour' : plan.meaningById.get(value as MeaningId)?.name ?? ''
    case 'tag': return value === '' ? 'No tag' : plan.tagById.get(value as TagId)?.name ?? ''
    case 'month': return new Date(`${value}-15T00:00:00Z`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' })
    case 'sender': return value === '' ? 'No sender' : value
    default: return ''
  }
})
const ink = computed(() => (props.group === 'meaning' ? plan.inkOf((props.value || null) as MeaningId | null) : null))
</script>

<template>
  <h2 class="group">
    <span v-if="ink" class="ink" :style="{ background: ink }" aria-hidden="true" />{{ text }}
  </h2>
</template>

<style scoped>
.group { font-size: 14.5px; padding: 14px 0 4px; border-bottom: 1px solid var(--rule-strong); display: flex; gap: 8px; align-items: center; }
.ink { width: 5px; height: 16px; }
</style>
