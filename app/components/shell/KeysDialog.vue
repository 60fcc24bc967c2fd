<script setup lang="ts">
import PaperDialog from '../common/PaperDialog.vue'

defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()

const KEYS: readonly (readonly [string, string])[] = [
  ['/', 'to the find field, from anywhere'],
  ['N', 'new folder in the open place'],
  ['U', 'add documents'],
  ['W', 'write a memo in the open folder'],
  ['L', 'keep a link in the open folder'],
  ['Ctrl+V', 'with an empty hand: what is pasted becomes a document in the open place'],
  ['O', 'narrow the outline by a number or name; Enter goes there'],
  ['Enter', 'open'],
  ['F2', 'rename'],
  ['M', 'move to…'],
  ['X', 'pick up; Ctrl+V, or the buttons of the dark bar, puts down where you are'],
  ['Ctrl+X, Ctrl+C', 'pick up to move, or to copy'],
  ['S', 'star, or take the star off'],
  ['G', 'show in the plan'],
  ['Delete', 'put into the Trash'],
  ['↑ ↓', 'go through a list or the outline'],
  ['← →', 'close or open a branch; in a list, up to the parent'],
  ['Alt+↑ ↓', 'in the outline: place a folder before or behind its neighbour'],
  ['Alt+← →', 'in the outline: out of its parent, into the folder above'],
  ['Space', 'select or not'],
  ['Shift+↑ ↓', 'select a run'],
  ['Ctrl+A', 'select all'],
  ['Ctrl+Shift+A', 'select what is not selected'],
  ['letters', 'jump to a name in the In-tray and other lists'],
  ['Ctrl+Z', 'undo'],
  ['Ctrl+Shift+Z', 'redo'],
  ['Esc', 'take back the last state: selection, field, dialog'],
  ['?', 'this list'],
]
</script>

<template>
  <PaperDialog :open="open" :width="520" label="Keys" title="Keys" @leave="emit('close')">
    <dl>
      <template v-for="[key, what] in KEYS" :key="key">
        <dt>
          <span class="key">{{ key }}</span>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
    <template #acts>
      <button type="button" class="act main" autofocus @click="emit('close')">
        Close <span class="key">Esc</span>
      </button>
    </template>
  </PaperDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 5px 10px;
}
</style>
