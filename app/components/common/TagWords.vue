<script setup lang="ts">
// Tags as words, underlined in their ink.
import { computed } from 'vue'
import type { TagId } from '../../../core/ids'
import { useTagList } from '../../stores/tagList'
import { useColourKey } from '../../stores/colourKey'

const props = defineProps<{ tagIds: readonly TagId[]; /** More than these are counted. */ most?: number }>()
const tagList = useTagList()
const colourKey = useColourKey()
const shown = computed(() =>
  props.tagIds.slice(0, props.most ?? props.tagIds.length).flatMap(id => tagList.tagById.get(id) ?? []),
)
const left = computed(() => props.tagIds.length - shown.value.length)
</script>

<template>
  <span class="tags">
    <span
      v-for="tag in shown"
      :key="tag.id"
      class="tag"
      :style="{ borderColor: colourKey.inkOf(tag.meaningId) ?? undefined }"
      >{{ tag.name }}</span
    >
    <span v-if="left > 0" class="quiet">+{{ left }}</span>
  </span>
</template>

<style scoped>
.tags {
  display: inline-flex;
  gap: 7px;
  flex: none;
  align-items: baseline;
  font-size: 12px;
}
.tag {
  color: var(--ink-2);
  border-bottom: 2px solid var(--rule-strong);
  line-height: 15px;
  max-width: 110px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
