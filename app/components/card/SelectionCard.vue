<script setup lang="ts">
// What the card says when several things are selected: how many, how large, and what can be done with all of them.
import { computed } from 'vue'
import { nameThings } from '../../../core/change/index'
import { sizeText } from '../../../core/formats/index'
import type { DocumentId, FolderId, TagId } from '../../../core/ids'
import type { OfferedAct } from '../../acts/act'
import { usePlan } from '../../stores/plan'
import TagField from '../common/TagField.vue'
import CardActs from './CardActs.vue'

const props = defineProps<{
  folders: readonly { id: FolderId; name: string }[]
  documents: readonly { id: DocumentId; name: string; size: number; tagIds: readonly TagId[] }[]
  acts: readonly OfferedAct[]
}>()
const plan = usePlan()
/** The tags of each thing: those on all of them, and those on some. */
const tags = computed(() => {
  const each = [
    ...props.documents.map(({ tagIds }) => tagIds),
    ...props.folders.map(({ id }) => plan.reply?.folderTags[id] ?? []),
  ]
  const any = [...new Set(each.flat())]
  return {
    all: any.filter(tag => each.every(ids => ids.includes(tag))),
    some: any.filter(tag => !each.every(ids => ids.includes(tag))),
  }
})
const bytes = computed(() => props.documents.reduce((sum, document) => sum + document.size, 0))
</script>

<template>
  <h2>{{ nameThings(folders, documents) }}</h2>
  <p class="kind second">
    selected<template v-if="documents.length > 0"> · {{ sizeText(bytes) }} </template>
  </p>
  <ul>
    <li v-for="(thing, index) in [...folders, ...documents].slice(0, 12)" :key="index" class="cut">
      {{ thing.name }}
    </li>
    <li v-if="folders.length + documents.length > 12" class="quiet">
      and {{ folders.length + documents.length - 12 }} more
    </li>
  </ul>
  <p class="part-head tags">Tags</p>
  <TagField
    :folder-ids="folders.map(({ id }) => id)"
    :document-ids="documents.map(({ id }) => id)"
    :carried="tags.all"
    :some="tags.some" />
  <CardActs :acts="acts" />
</template>

<style scoped>
h2 {
  font-size: 16.5px;
}
.kind {
  padding-bottom: 9px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 8px;
}
ul {
  list-style: none;
  padding: 0;
}
.tags {
  margin-top: 12px;
}
</style>
