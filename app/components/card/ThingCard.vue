<script setup lang="ts">
// The card of whatever is meant: one document, one folder, or several things.
import { computed } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import type { OfferedAct, ThingItem } from '../../acts/act'
import DocumentCard from './DocumentCard.vue'
import FolderCard from './FolderCard.vue'
import SelectionCard from './SelectionCard.vue'

const props = defineProps<{
  items: readonly ThingItem[]
  acts: readonly OfferedAct[]
  documents: readonly ListedDocument[]
  /** Words that are looked for, marked in the preview. */
  terms?: string
}>()
const only = computed(() => (props.items.length === 1 ? props.items[0] : undefined))
const rowOf = computed(() => new Map(props.documents.map(row => [row.id as string, row])))
const selectedDocuments = computed(() =>
  props.items
    .filter(item => item.kind === 'document')
    .map(item => ({
      id: item.id,
      name: item.name,
      size: rowOf.value.get(item.id)?.size ?? 0,
      tagIds: rowOf.value.get(item.id)?.tagIds ?? [],
    })),
)
</script>

<template>
  <DocumentCard v-if="only?.kind === 'document'" :id="only.id" :acts="acts" :find="terms" />
  <FolderCard v-else-if="only" :id="only.id" :acts="acts" />
  <SelectionCard
    v-else-if="items.length > 1"
    :folders="items.filter(item => item.kind === 'folder').map(({ id, name }) => ({ id, name }))"
    :documents="selectedDocuments"
    :acts="acts" />
  <p v-else class="quiet">Select something to see its facts here.</p>
</template>
