<script setup lang="ts">
// Files whose names are taken: a new version of what is there, both, or not at all; for each or for all.
import { ref, watch } from 'vue'
import type { NameClash } from '../../../contract/document'
import type { ClashAnswer } from '../../stores/dialogs'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ clashes: readonly NameClash[] | null }>()
const emit = defineEmits<{ answer: [answers: ReadonlyMap<string, ClashAnswer> | null] }>()

const CHOICES: readonly { value: ClashAnswer; title: string }[] = [
  { value: 'version', title: 'new version' }, { value: 'both', title: 'keep both' }, { value: 'skip', title: 'leave out' },
]
const answers = ref(new Map<string, ClashAnswer>())
watch(() => props.clashes, clashes => setAll('version', clashes ?? []))

function setAll(answer: ClashAnswer, clashes: readonly NameClash[]): void {
  answers.value = new Map(clashes.map(clash => [clash.fileName, answer]))
}
</script>

<template>
  <PaperDialog :open="clashes !== null" :width="560" label="Names that are taken" :title="!clashes ? '' : clashes.length === 1 ? 'This name is taken here' : `${clashes.length} names are taken here`" @leave="emit('answer', null)">
    <template v-if="clashes">
      <p v-if="clashes.length > 1" class="all second">
        For all:
        <button v-for="choice in CHOICES" :key="choice.value" type="button" class="act" @click="setAll(choice.value, clashes)">
          {{ choice.title }}
        </button>
      </p>
      <div class="list">
        <fieldset v-for="clash in clashes" :key="clash.fileName">
          <legend class="cut">
            {{ clash.fileName }}
          </legend>
          <label v-for="choice in CHOICES" :key="choice.value"><input
            type="radio" :name="clash.fileName" :checked="answers.get(clash.fileName) === choice.value" @change="answers.set(clash.fileName, choice.value)"
          > {{ choice.title }}</label>
        </fieldset>
      </div>
      <p class="quiet">
        A new version takes the place of “{{ clashes[0]?.twin }}”{{ clashes.length > 1 ? ' and so on' : '' }}; the earlier one can still be downloaded from its card. Both are kept under a counted name.
      </p>
    </template>
    <template #acts>
      <button type="button" class="act full" autofocus @click="emit('answer', new Map(answers))">
        Go on
      </button>
      <button type="button" class="act" @click="emit('answer', null)">
        Bring nothing in <span class="key">Esc</span>
      </button>
    </template>
  </PaperDialog>
</template>

<style scoped>
.all { margin-bottom: 6px; }
.list { max-height: 40vh; overflow-y: auto; margin-bottom: 10px; }
fieldset { border: 0; border-bottom: 1px solid var(--rule); padding: 5px 0; display: grid; grid-template-columns: minmax(0, 1fr) auto auto auto; gap: 16px; align-items: center; }
legend { float: left; font-weight: 600; padding: 0; }
input { accent-color: var(--act); }
</style>
