<script setup lang="ts">
// The colour of a folder or of documents, chosen from the key.
import { computed } from 'vue'
import { nameThings } from '../../../core/change/index'
import { thingsOf } from '../../../core/plan/index'
import type { MeantThing } from '../../stores/dialogs'
import PaperDialog from '../common/PaperDialog.vue'
import ColourChoices from '../folder/ColourChoices.vue'

const props = defineProps<{ things: readonly MeantThing[] }>()
const emit = defineEmits<{ close: [] }>()

const ids = computed(() => thingsOf(props.things))
const title = computed(() => {
  const of = (kind: MeantThing['kind']) => props.things.filter(thing => thing.kind === kind)
  return `Colour of ${nameThings(of('folder'), of('document'))}`
})
</script>

<template>
  <PaperDialog :open="things.length > 0" :width="400" label="Colour" :title="title" @leave="emit('close')">
    <ColourChoices
      v-if="things.length > 0"
      :folder-id="ids.folderIds[0] ?? null"
      :document-ids="ids.documentIds"
      @chosen="emit('close')" />
    <template #acts>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
