<script setup lang="ts">
// Folders that go when the draft is applied, and where the documents in them go: for all at once, or each.
import { computed, ref } from 'vue'
import type { RemovedRow } from '../../../core/draft/index'
import { counted } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import type { WhereTo } from '../../../core/plan/index'
import FolderField from '../places/FolderField.vue'

const props = defineProps<{ removed: readonly RemovedRow[]; choices: ReadonlyMap<FolderId, WhereTo> }>()
const emit = defineEmits<{ choose: [ids: readonly FolderId[], where: WhereTo] }>()

const going = computed(() => new Set(props.removed.map(({ id }) => id)))
const isGoing = (id: FolderId) => going.value.has(id)
const full = computed(() => props.removed.filter(row => row.documents > 0))
const documents = computed(() => full.value.reduce((sum, row) => sum + row.documents, 0))

type Key = 'parent' | 'in-tray' | 'trash' | FolderId
const OTHERS: readonly { value: Exclude<WhereTo['to'], 'folder'>; text: string }[] = [
  { value: 'parent', text: 'the folder above' },
  { value: 'in-tray', text: 'the In-tray' },
  { value: 'trash', text: 'the Trash' },
]
/** What was last chosen for all. */
const forAll = ref<Key>('parent')

function keyOf(where: WhereTo | undefined): Key {
  if (where === undefined) return 'parent'
  return where.to === 'folder' ? (where.folderId ?? 'in-tray') : where.to
}

function chosen(key: Key): WhereTo {
  const other = OTHERS.find(({ value }) => value === key)
  return other ? { to: other.value } : { to: 'folder', folderId: tryParseId<'folder'>(key) }
}
</script>

<template>
  <section v-if="removed.length > 0" class="removed" aria-label="Folders that go">
    <h2 class="part-head">
      {{ counted(removed.length, 'folder') }} {{ removed.length === 1 ? 'goes' : 'go' }} into the Trash{{
        documents > 0
          ? `; ${counted(documents, 'document')} ${documents === 1 ? 'lies' : 'lie'} ` +
            `in ${full.length === 1 ? 'it' : 'them'}`
          : ''
      }}
    </h2>
    <label v-if="full.length > 1" class="all"
      >All their documents go to
      <FolderField
        v-model="forAll"
        label="Where the documents of all of them go"
        :others="OTHERS"
        :without="isGoing"
        @update:model-value="
          emit(
            'choose',
            full.map(row => row.id),
            chosen($event),
          )
        " />
    </label>
    <ul>
      <li v-for="row in removed.slice(0, 60)" :key="row.id">
        <span class="cut">{{ row.text }}</span>
        <label v-if="row.documents > 0"
          >{{ counted(row.documents, 'document') }} to
          <FolderField
            :model-value="keyOf(choices.get(row.id))"
            :label="`Where the documents of ${row.text} go`"
            :others="OTHERS"
            :without="isGoing"
            @update:model-value="emit('choose', [row.id], chosen($event))" />
        </label>
        <span v-else class="quiet">empty</span>
      </li>
    </ul>
    <p v-if="removed.length > 60" class="quiet">and {{ counted(removed.length - 60, 'more') }}</p>
  </section>
</template>

<style scoped>
.removed {
  padding: 8px 0;
  max-height: 34%;
  overflow-y: auto;
  flex: none;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
}
label {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  white-space: nowrap;
  color: var(--ink-2);
  font-size: 12.5px;
}
.folder-field {
  width: 168px;
  padding: 2px 6px;
}
.all {
  padding: 2px 0 6px;
}
</style>
