<script setup lang="ts">
// The card of whatever is meant: one document, one folder, or several things.
import { computed } from 'vue'
import type { DocumentFacts, ListedDocument } from '../../../contract/document'
import type { FolderId } from '../../../core/ids'
import type { ThingAct, ThingItem } from '../../composables/useThings'
import { useDialogs } from '../../stores/dialogs'
import DocumentCard from './DocumentCard.vue'
import FolderCard from './FolderCard.vue'
import SelectionCard from './SelectionCard.vue'

const props = defineProps<{
  items: readonly ThingItem[]
  acts: readonly ThingAct[]
  documents: readonly ListedDocument[]
  fromFolderId: FolderId | null
  canShow?: boolean
  /** Words that are looked for, marked in the preview. */
  terms?: string
}>()
const emit = defineEmits<{ show: [document: DocumentFacts] }>()

const dialogs = useDialogs()
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

function run(name: string): void {
  props.acts.find(act => act.name.startsWith(name))?.run()
}
</script>

<template>
  <DocumentCard
    v-if="only?.kind === 'document'"
    :id="only.id"
    :can-show="canShow"
    :find="terms"
    @open="run('Open')"
    @show="emit('show', $event)"
    @move="dialogs.move = { folderIds: [], documentIds: [only.id], fromFolderId, name: only.name }" />
  <FolderCard
    v-else-if="only"
    :id="only.id"
    can-open
    @open="run('Open')"
    @rename="run('Rename')"
    @move="run('Move')"
    @trash="run('Put')"
    @number="dialogs.numbering = { folderId: only.id }" />
  <SelectionCard
    v-else-if="items.length > 1"
    :folders="items.filter(item => item.kind === 'folder').map(({ id, name }) => ({ id, name }))"
    :documents="selectedDocuments"
    :acts="acts" />
  <p v-else class="quiet">Select something to see its facts here.</p>
</template>
