<script setup lang="ts">
// The document in view, with what may be done with it.
import { ref } from 'vue'
import type { SharedDocument } from '../../../contract/shared'
import { contentAddress } from '../../stores/content'
import { useSharedActs } from '../../stores/sharedActs'
import { useSharedThing } from '../../stores/sharedThing'
import NameField from '../common/NameField.vue'

const props = defineProps<{ document: SharedDocument }>()
const [thing, acts] = [useSharedThing(), useSharedActs()]
const renaming = ref(false)
const copyId = ref<string | null>(null)

const rename = (name: string, allowTwin: boolean) =>
  acts.act({ kind: 'document.rename', id: props.document.id, name, allowTwin })
const trash = () => acts.act({ kind: 'trash', folderIds: [], documentIds: [props.document.id] })
async function keepCopy(): Promise<void> {
  copyId.value = await acts.keepCopy(props.document.id)
}
</script>

<template>
  <div class="acts">
    <NameField
      v-if="renaming"
      :value="document.name"
      label="Name of the document"
      :keep="rename"
      @kept="renaming = false"
      @cancel="renaming = false" />
    <b v-else>{{ document.name }}</b>
    <a class="place" :href="contentAddress(document.id)">Download</a>
    <v-btn v-if="thing.shared?.from && copyId === null" class="place" @click="keepCopy">Keep a copy</v-btn>
    <template v-if="document.changeable">
      <v-btn class="place" @click="renaming = true">Rename</v-btn>
      <v-btn v-if="thing.shared?.document === null" class="place" @click="trash">Delete for everyone</v-btn>
    </template>
    <span v-if="copyId" class="second" role="status"
      >A copy is in <NuxtLink class="place" to="/in-tray">your In-tray</NuxtLink>.</span
    >
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
  margin-bottom: 8px;
}
</style>
