<script setup lang="ts">
// Tags as words, underlined in their ink, those with one first; each leads to all that carry it.
import { computed } from 'vue'
import type { TagId } from '../../../core/ids'
import { useTagList } from '../../stores/tagList'
import { useColourKey } from '../../stores/colourKey'

const props = defineProps<{ tagIds: readonly TagId[]; /** More than these are counted. */ most?: number }>()
const tagList = useTagList()
const colourKey = useColourKey()
const shown = computed(() =>
  props.tagIds
    .flatMap(id => tagList.tagById.get(id) ?? [])
    .sort((a, b) => Number(a.meaningId === null) - Number(b.meaningId === null))
    .slice(0, props.most),
)
const left = computed(() => props.tagIds.length - shown.value.length)
</script>

<template>
  <span class="tags">
    <NuxtLink
      v-for="tag in shown"
      :key="tag.id"
      class="tag"
      tabindex="-1"
      draggable="false"
      :to="{ path: '/find', query: { tags: tag.id } }"
      :title="`All that carry “${tag.name}”`"
      :style="{ borderColor: colourKey.inkOf(tag.meaningId) ?? undefined }"
      @click.stop
      @dblclick.stop
      >{{ tag.name }}</NuxtLink
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
.tag:hover {
  color: var(--act);
}
</style>
