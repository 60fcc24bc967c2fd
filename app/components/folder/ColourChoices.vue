<script setup lang="ts">
// The meanings to choose from: of a folder, or of documents.
import { computed, ref } from 'vue'
import { newId } from '../../../contract/newId'
import type { DocumentId, FolderId, MeaningId } from '../../../core/ids'
import { counted } from '../../../core/change/index'
import { freshInk } from '../../../core/colour/index'
import { branchOf } from '../../../core/tree/index'
import type { Outcome } from '../../stores/acts'
import { useActs } from '../../stores/acts'
import { useColourKey } from '../../stores/colourKey'
import { useDialogs } from '../../stores/dialogs'
import { usePlan } from '../../stores/plan'
import MeaningMark from '../common/MeaningMark.vue'
import NameField from '../common/NameField.vue'

const props = defineProps<{
  /** null: the colour is that of documents. */ folderId: FolderId | null
  documentIds: readonly DocumentId[]
}>()
const emit = defineEmits<{ chosen: [] }>()

const [plan, colourKey, acts, dialogs] = [usePlan(), useColourKey(), useActs(), useDialogs()]
const folder = computed(() => (props.folderId === null ? undefined : plan.tree.byId.get(props.folderId)))
/** Folders below with a colour of their own. */
const below = computed(() =>
  props.folderId === null
    ? 0
    : branchOf(plan.tree, props.folderId)
        .slice(1)
        .filter(({ meaningId }) => meaningId !== null).length,
)

function choose(meaningId: MeaningId | null): void {
  void acts.act(
    props.folderId === null
      ? { kind: 'document.colour', documentIds: [...props.documentIds], meaningId }
      : { kind: 'folder.colour', id: props.folderId, meaningId },
  )
  emit('chosen')
}

function spread(): void {
  if (!folder.value) return
  const { id, meaningId } = folder.value
  void acts.act({ kind: 'folder.colour', id, meaningId, below: true })
  emit('chosen')
}

const isNaming = ref(false)
const fresh = computed(() => freshInk(colourKey.meanings.map(({ ink }) => ink)))

/** A colour that the key lacks, made and given by one act. */
async function give(name: string): Promise<Outcome> {
  const { folderId, documentIds } = props
  const folderIds = folderId === null ? [] : [folderId]
  const made = { kind: 'meaning.give', id: newId<MeaningId>(), name, ink: fresh.value, pattern: 'full' } as const
  const outcome = await acts.act({ ...made, folderIds, documentIds: [...documentIds] })
  if (outcome.ok) emit('chosen')
  return outcome
}

function edit(): void {
  emit('chosen')
  dialogs.colours = true
}
</script>

<template>
  <div v-if="isNaming" class="naming">
    <MeaningMark class="ink" :ink="fresh" pattern="full" />
    <NameField value="" label="Name of the new colour" :keep="give" @cancel="isNaming = false" />
    <p class="quiet">What it stands for. <span class="key">Enter</span> makes it and gives it.</p>
  </div>
  <v-list v-else :aria-label="folderId === null ? 'Colour of the documents' : 'Colour of the folder'">
    <v-list-item
      :title="folderId === null ? 'Of its folder' : 'As its parent'"
      :active="folder?.meaningId === null"
      @click="choose(null)">
      <template #prepend>
        <i class="ink none" />
      </template>
    </v-list-item>
    <v-list-item
      v-for="meaning in colourKey.meanings"
      :key="meaning.id"
      :title="meaning.name"
      :active="folder?.meaningId === meaning.id"
      @click="choose(meaning.id)">
      <template #prepend>
        <MeaningMark class="ink" :ink="meaning.ink" :pattern="meaning.pattern" />
      </template>
    </v-list-item>
    <hr class="line" />
    <v-list-item v-if="below > 0" :title="`Give it to ${counted(below, 'folder')} below as well`" @click="spread" />
    <v-list-item title="New colour…" @click.stop="isNaming = true" />
    <v-list-item title="Edit the colour key…" @click="edit" />
  </v-list>
</template>

<style scoped>
.naming {
  padding: 8px 10px;
  width: 260px;
  background: var(--sheet);
}
.ink {
  display: inline-block;
  width: 12px;
  height: 12px;
  margin-right: 8px;
  vertical-align: -1px;
}
.line {
  border: 0;
  border-top: 1px solid var(--rule);
  margin: 3px 0;
}
.ink.none {
  border: 1px dashed var(--rule-strong);
}
</style>
