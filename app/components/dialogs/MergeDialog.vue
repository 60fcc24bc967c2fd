<script setup lang="ts">
// Merging a folder into another: what meets what is seen before anything happens.
import { ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import { fileNameOf } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { MergeChoice } from '../../../core/plan/index'
import { isInside } from '../../../core/tree/index'
import { useActs } from '../../stores/acts'
import { useMerging } from '../../stores/merging'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import RemoteState from '../common/RemoteState.vue'
import PaperDialog from '../common/PaperDialog.vue'
import ChoiceField from '../base/ChoiceField.vue'
import FolderField from '../places/FolderField.vue'

const props = defineProps<{ fromId: FolderId | null }>()
const emit = defineEmits<{ close: []; merged: [into: FolderId] }>()

const [plan, acts, merging] = [usePlan(), useActs(), useMerging()]
const placeNames = usePlaceNames()
const into = ref<FolderId | ''>('')
const choices = ref(new Map<DocumentId, MergeChoice>())
const refused = ref('')

watch(
  () => props.fromId,
  () => {
    into.value = ''
    choices.value = new Map()
    refused.value = ''
    merging.forget()
  },
)
watch(into, id => {
  choices.value = new Map()
  if (id && props.fromId) void merging.look(props.fromId, id)
  else merging.forget()
})

const text = (id: FolderId) => placeNames.placeOf(id)?.text ?? ''
const isInMerged = (id: FolderId) => props.fromId === null || isInside(plan.tree, id, props.fromId)

function choose(id: DocumentId, choice: MergeChoice): void {
  choices.value = new Map([...choices.value, [id, choice]])
}

async function merge(): Promise<void> {
  if (!props.fromId || !into.value) return
  const target = into.value
  const outcome = await acts.act(
    {
      kind: 'folder.merge',
      fromId: props.fromId,
      intoId: target,
      choices: [...choices.value].map(([documentId, choice]) => ({ documentId, choice })),
    },
    { quiet: true },
  )
  if (!outcome.ok) {
    refused.value = outcome.reason.message
    return
  }
  emit('close')
  emit('merged', target)
}
</script>

<template>
  <PaperDialog
    :open="fromId !== null"
    :width="620"
    label="Merge"
    :title="`Merge ${fromId ? text(fromId) : ''} into`"
    @leave="emit('close')">
    <FolderField
      v-model="into"
      label="Merge into"
      data-begins
      :others="[{ value: '', text: 'choose a folder' }]"
      :without="isInMerged" />
    <RemoteState
      v-if="into"
      v-slot="{ value: meeting }"
      :remote="merging.meeting"
      @again="fromId && into && merging.look(fromId, into)">
      <p class="sum">
        {{ counted(meeting.documents, 'document') }} and {{ counted(meeting.moved.length, 'folder') }} move
        over<template v-if="meeting.folders.length > 1">
          ; {{ counted(meeting.folders.length - 1, 'folder') }} below
          {{ meeting.folders.length === 2 ? 'becomes' : 'become' }} one with a namesake </template
        >. What is left empty goes into the Trash.
      </p>
      <ul v-if="meeting.folders.length > 1">
        <li v-for="pair in meeting.folders.slice(1, 40)" :key="pair.from">
          {{ text(pair.from) }} <span class="quiet">becomes one with</span> {{ text(pair.into) }}
        </li>
      </ul>
      <template v-if="meeting.clashes.length > 0">
        <p class="part-head">Documents that meet one of the same name</p>
        <ul>
          <li v-for="clash in meeting.clashes.slice(0, 200)" :key="clash.from" class="clash">
            <span class="cut"
              >{{ fileNameOf(clash.name, clash.extension) }}
              <span class="quiet">{{ clash.same ? 'the very same bytes' : 'different bytes' }}</span></span
            >
            <ChoiceField
              class="line-field"
              :label="`What becomes of ${clash.name}`"
              :model-value="choices.get(clash.from) ?? (clash.same ? 'one' : 'both')"
              :choices="[
                { value: 'both', text: 'keep both' },
                { value: 'one', text: 'keep the one that is there' },
              ]"
              @update:model-value="choose(clash.from, $event)" />
          </li>
        </ul>
      </template>
    </RemoteState>
    <p v-if="refused" class="warn" role="alert">
      {{ refused }}
    </p>
    <template #acts>
      <v-btn class="act full" :disabled="merging.meeting.state !== 'ready'" @click="merge"> Merge them </v-btn>
      <v-btn class="act" @click="emit('close')">Leave them <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.sum {
  padding: 10px 0 6px;
}
ul {
  list-style: none;
  padding: 0 0 8px;
  max-height: 190px;
  overflow-y: auto;
}
.clash {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 210px;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
}
.clash .choice-field {
  padding: 2px 6px;
  width: 220px;
}
</style>
