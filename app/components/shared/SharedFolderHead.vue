<script setup lang="ts">
// The open folder of what was given, with what may be begun in it.
import { ref } from 'vue'
import { newId } from '../../../contract/newId'
import type { Shared } from '../../../contract/shared'
import type { FolderId } from '../../../core/ids'
import { useSharedActs } from '../../stores/sharedActs'
import { useSharedThing } from '../../stores/sharedThing'
import FileChooser from '../base/FileChooser.vue'
import NameField from '../common/NameField.vue'

const props = defineProps<{
  folder: Shared['folders'][number]
  /** What was given itself. */ isTop: boolean
  alone: boolean
}>()
const [thing, acts] = [useSharedThing(), useSharedActs()]
const chooser = ref<InstanceType<typeof FileChooser> | null>(null)
const naming = ref<'new' | 'this' | null>(null)
const isOver = ref(false)

const create = (name: string, allowTwin: boolean) =>
  acts.act({ kind: 'folder.create', id: newId<FolderId>(), parentId: props.folder.id, name, allowTwin })
const rename = (name: string, allowTwin: boolean) =>
  acts.act({ kind: 'folder.rename', id: props.folder.id, name, allowTwin })

function drop(event: DragEvent): void {
  isOver.value = false
  const files = [...(event.dataTransfer?.files ?? [])]
  if (thing.mayAdd && files.length > 0) void acts.add(props.folder.id, files)
}
</script>

<template>
  <div
    :class="{ over: isOver }"
    @dragover.prevent="isOver = thing.mayAdd"
    @dragleave="isOver = false"
    @drop.prevent="drop">
    <NameField
      v-if="naming === 'this'"
      :value="folder.name"
      label="Name of the folder"
      :keep="rename"
      @kept="naming = null"
      @cancel="naming = null" />
    <h2 v-else-if="!alone">{{ folder.code }} {{ folder.name }}</h2>
    <p v-if="folder.purpose" class="second">{{ folder.purpose }}</p>
    <p v-if="thing.mayAdd" class="acts">
      <v-btn class="act" @click="chooser?.open()">Add files…</v-btn>
      <template v-if="thing.mayEdit">
        <v-btn class="act" @click="naming = 'new'">New folder</v-btn>
        <v-btn v-if="!isTop" class="act" @click="naming = 'this'">Rename</v-btn>
      </template>
      <FileChooser ref="chooser" label="Files to add" several :on-picked="files => void acts.add(folder.id, files)" />
    </p>
    <NameField
      v-if="naming === 'new'"
      value="New folder"
      label="Name of the new folder"
      :keep="create"
      @kept="naming = null"
      @cancel="naming = null" />
    <p v-if="isOver" class="second" role="status">Add it to {{ folder.code }} {{ folder.name }}</p>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
  margin: 6px 0;
}
.over {
  outline: 2px solid var(--act);
  outline-offset: 4px;
}
</style>
