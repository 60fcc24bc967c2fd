<script setup lang="ts">
// A folder about to be made: the field says where, its name is selected. Enter keeps it; Enter again, or the first
// letter of its name, begins the next; Esc leaves nothing behind.
import { newId } from '../../../contract/newId'
import { nextTick, ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import type { Outcome } from '../../stores/acts'
import { useActs } from '../../stores/acts'
import NameField from '../common/NameField.vue'

const props = defineProps<{
  parentId: FolderId | null
  /** "1.1 Berth leases", or the top of the plan. */
  where: string
}>()
const emit = defineEmits<{ done: []; made: [id: FolderId] }>()

const acts = useActs()
const step = ref<'naming' | 'kept'>('naming')
const next = ref<{ $el: HTMLElement } | null>(null)
const begun = ref('')
let id = newId<FolderId>()

function keep(name: string, allowTwin: boolean): Promise<Outcome> {
  return acts.act({ kind: 'folder.create', id, parentId: props.parentId, name, allowTwin }, { quiet: true })
}

/** Who types on means the next folder, not the commands that letters give elsewhere. */
function typeOn(event: KeyboardEvent): void {
  const isLetter = event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.metaKey && !event.altKey
  if (event.key !== 'Enter' && !isLetter) return
  event.stopPropagation()
  event.preventDefault()
  begun.value = isLetter ? event.key : ''
  step.value = 'naming'
}

function beginAgain(): void {
  begun.value = ''
  step.value = 'naming'
}

async function kept(): Promise<void> {
  emit('made', id)
  id = newId<FolderId>()
  step.value = 'kept'
  await nextTick()
  next.value?.$el.focus()
}
</script>

<template>
  <div class="new">
    <template v-if="step === 'naming'">
      <span class="where">New folder in {{ where }}</span>
      <span class="body"
        ><NameField
          value="New folder"
          :begun="begun"
          :label="`Name of the new folder in ${where}`"
          :keep="keep"
          @kept="kept"
          @cancel="emit('done')" />
        <span class="words"
          ><span class="key">Enter</span> keeps it <span class="key">Esc</span> leaves nothing</span
        ></span
      >
    </template>
    <v-btn
      v-else
      ref="next"
      class="again"
      @click="beginAgain"
      @keydown="typeOn"
      @keydown.esc.stop.prevent="emit('done')"
      @blur="step === 'kept' && emit('done')">
      <span class="key">Enter</span> begins the next folder, <span class="key">Esc</span> ends
    </v-btn>
  </div>
</template>

<style scoped>
.new {
  min-width: 0;
}
.where {
  display: block;
  font-size: 11px;
  font-weight: 600;
  line-height: 15px;
  color: var(--act);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.body {
  display: block;
  background: var(--sheet);
  border: 1px dashed var(--act);
  border-top: 5px solid var(--act);
  padding: 4px 6px 6px;
}
.words {
  display: block;
  font-size: 11.5px;
  color: var(--ink-3);
  margin-top: 4px;
  white-space: nowrap;
}
.again {
  border: 1px dashed var(--rule-strong);
  padding: 10px;
  width: 100%;
  margin-top: 15px;
  color: var(--ink-2);
  font-size: 12.5px;
}
</style>
