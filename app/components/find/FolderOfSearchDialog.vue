<script setup lang="ts">
// What a search finds becomes a folder: its name, its place, and whether the documents move there or lie there as well.
import { computed, ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import type { FolderOfSearch, MadeFolder } from '../../composables/useWholeSearch'
import EnterSends from '../base/EnterSends.vue'
import LineField from '../base/LineField.vue'
import RadioField from '../base/RadioField.vue'
import TickBox from '../base/TickBox.vue'
import PaperDialog from '../common/PaperDialog.vue'
import FolderField from '../places/FolderField.vue'

const props = defineProps<{ request: FolderOfSearch | null; make: (chosen: MadeFolder) => Promise<string | null> }>()
const emit = defineEmits<{ leave: [] }>()

const TOP = 'top'
const name = ref('')
const place = ref<FolderId | typeof TOP>(TOP)
const way = ref<'file' | 'move'>('file')
const isDropped = ref(false)
const refused = ref('')
const documents = computed(() => counted(props.request?.documentIds.length ?? 0, 'document'))

watch(
  () => props.request,
  request => {
    if (!request) return
    name.value = request.name
    place.value = request.parentId ?? TOP
    way.value = 'file'
    isDropped.value = false
    refused.value = ''
  },
)

async function send(): Promise<void> {
  const parentId = place.value === TOP ? null : place.value
  const why = await props.make({ name: name.value, parentId, way: way.value, drop: isDropped.value })
  refused.value = why ?? ''
}
</script>

<template>
  <PaperDialog
    :open="request !== null"
    :width="520"
    label="Make a folder of this search"
    :title="`Make a folder of ${documents}`"
    @leave="emit('leave')">
    <form class="form" @submit.prevent="send">
      <span class="quiet">Name</span>
      <LineField v-model="name" data-begins class="line-field" aria-label="Name of the folder" />
      <span class="quiet">In</span>
      <FolderField
        v-model="place"
        label="Where the folder goes"
        :others="[{ value: TOP, text: 'the top of the plan' }]" />
      <span class="quiet">The documents</span>
      <RadioField
        v-model="way"
        label="What happens to the documents"
        :choices="[
          { value: 'file', text: 'are filed there as well' },
          { value: 'move', text: 'move there' },
        ]" />
      <template v-if="request?.kept">
        <span class="quiet">The search</span>
        <TickBox v-model="isDropped">“{{ request.kept.name }}” is no longer kept</TickBox>
      </template>
      <EnterSends />
    </form>
    <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
    <template #acts>
      <v-btn class="act main" :disabled="name.trim() === ''" @click="send">
        Make the folder <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('leave')">Leave it as a search <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: 8px;
  align-items: baseline;
}
</style>
