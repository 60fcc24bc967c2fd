<script setup lang="ts">
// Choosing one or several folders by typing.
import { ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import type { PlaceRequest } from '../../stores/dialogs'
import PaperDialog from '../common/PaperDialog.vue'
import PlacePicker from '../places/PlacePicker.vue'

const props = defineProps<{ request: PlaceRequest | null }>()
const emit = defineEmits<{ close: [] }>()
const picker = ref<InstanceType<typeof PlacePicker> | null>(null)

function pick(ids: (FolderId | null)[]): void {
  props.request?.answer(ids.filter(id => id !== null))
  emit('close')
}
</script>

<template>
  <PaperDialog
    :open="request !== null"
    :width="480"
    label="Choose a place"
    help="places"
    :title="request?.title ?? ''"
    @leave="emit('close')">
    <PlacePicker
      v-if="request"
      ref="picker"
      :top="null"
      :moved="[]"
      :suggested="request.suggested"
      :parent="request.suggested[0]?.folderId ?? null"
      several
      :lies="() => false"
      @pick="pick" />
    <template #acts>
      <v-btn class="act full" :disabled="!picker?.isPossible" @click="picker?.go()">
        <span class="cut">{{ picker?.goal ? `${picker.makes ? 'Make' : 'Choose'} ${picker.goal}` : 'Choose' }}</span>
        {{ ' ' }}
        <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
