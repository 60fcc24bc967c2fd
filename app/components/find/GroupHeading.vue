<script setup lang="ts">
// What a run of results has in common when the list is grouped.
import { computed } from 'vue'
import type { FoundGroup } from '../../../core/find/index'
import type { MeaningId } from '../../../core/ids'
import { useGroupText } from '../../composables/useGroupText'
import { useColourKey } from '../../stores/colourKey'

const props = defineProps<{ group: FoundGroup; value: string }>()
const colourKey = useColourKey()

const groupText = useGroupText()
const text = computed(() => groupText(props.group, props.value))
const ink = computed(() =>
  props.group === 'meaning' ? colourKey.inkOf((props.value || null) as MeaningId | null) : null,
)
</script>

<template>
  <h2 class="group"><span v-if="ink" class="ink" :style="{ background: ink }" aria-hidden="true" />{{ text }}</h2>
</template>

<style scoped>
.group {
  font-size: 14.5px;
  padding: 14px 0 4px;
  border-bottom: 1px solid var(--rule-strong);
  display: flex;
  gap: 8px;
  align-items: center;
}
.ink {
  width: 5px;
  height: 16px;
}
</style>
