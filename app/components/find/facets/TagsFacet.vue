<script setup lang="ts">
// The tags of the plan: those on the most documents first, the others behind one more step.
import { computed, ref } from 'vue'
import type { Chosen } from '../../../../core/find/index'
import type { TagId } from '../../../../core/ids'
import { useTagList } from '../../../stores/tagList'
import type { FacetProps } from './facetProps'
import { countText, isChosen, isShown } from './counted'
import FacetList from './FacetList.vue'

const props = defineProps<FacetProps<Chosen<TagId>>>()
const emit = defineEmits<{ choose: [chosen: Chosen<TagId>] }>()

const tagList = useTagList()
const FEW = 8
const isWhole = ref(false)
const tags = computed(() => {
  const { counts, selection } = props
  const found = tagList.tags.filter(({ id }) => isShown(counts, 'tags', selection, id))
  const often = [...found]
    .sort((a, b) => (counts?.tags[b.id] ?? b.count) - (counts?.tags[a.id] ?? a.count))
    .slice(0, isWhole.value ? undefined : FEW)
  return {
    rows: found
      .filter(tag => often.includes(tag) || isChosen(selection, tag.id))
      .map(({ id, name, count }) => ({
        value: id,
        text: name,
        count: counts === null ? String(count) : countText(counts, 'tags', id),
      })),
    more: found.length - often.length,
  }
})
</script>

<template>
  <template v-if="tagList.tags.length > 0">
    <h2 class="part-head">{{ facet.name }}</h2>
    <FacetList label="Tags, all of them" :values="tags.rows" :chosen="selection" @choose="emit('choose', $event)" />
    <v-btn v-if="tags.more > 0" class="place" @click="isWhole = true">{{ tags.more }} more tags</v-btn>
    <NuxtLink class="place" to="/tags"> Put tags right… </NuxtLink>
  </template>
</template>

<style scoped>
.part-head {
  margin-top: 14px;
}
.place {
  display: block;
  margin-top: 3px;
}
</style>
