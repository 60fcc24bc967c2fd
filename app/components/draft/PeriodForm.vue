<script setup lang="ts">
// The next period of a branch: which, with what counted up, and where the old one goes.
import { computed, ref, watch } from 'vue'
import type { Meaning } from '../../../contract/plan'
import { countUp } from '../../../core/draft/index'
import type { PeriodSettings } from '../../../core/draft/index'
import type { FolderId } from '../../../core/ids'
import ChoiceField from '../base/ChoiceField.vue'
import TickBox from '../base/TickBox.vue'
import FolderField from '../places/FolderField.vue'
import LineField from '../base/LineField.vue'
import { usePlan } from '../../stores/plan'

const props = defineProps<{ meanings: readonly Meaning[]; branch: FolderId | null }>()
const plan = usePlan()
const emit = defineEmits<{ begin: [id: FolderId, settings: PeriodSettings & { readonly name: string }] }>()

const branch = ref<FolderId | ''>(props.branch ?? '')
const grades = ref(false)
const archive = ref<FolderId | ''>('')
const closed = ref('')
watch(
  () => plan.tree,
  ({ byId }) => {
    archive.value ||= [...byId.values()].find(({ name }) => /^(archive|archiv|archives)$/i.test(name))?.id ?? ''
  },
  { immediate: true },
)
watch(
  () => props.meanings,
  meanings => {
    closed.value ||= meanings.find(meaning => meaning.closed)?.name ?? ''
  },
  { immediate: true },
)

const old = computed(() => (branch.value && plan.tree.byId.get(branch.value)?.name) ?? '')
const proposed = computed(() => countUp(old.value, { grades: grades.value }))
/** Proposed until the person writes their own. */
const name = ref('')
watch(
  proposed,
  now => {
    name.value = now
  },
  { immediate: true },
)
const isSame = computed(() => branch.value !== '' && name.value.trim() === old.value)

function begin(): void {
  if (branch.value && name.value.trim() !== '')
    emit('begin', branch.value, {
      grades: grades.value,
      archiveId: archive.value || null,
      closed: closed.value || null,
      name: name.value.trim(),
    })
}
</script>

<template>
  <form class="period" @submit.prevent="begin">
    <label>Branch <FolderField v-model="branch" label="Branch" :others="[{ value: '', text: 'choose one' }]" /></label>
    <label
      >The new one is called
      <LineField v-model="name" class="line-field" aria-label="The new one is called" :disabled="!branch"
    /></label>
    <label
      >The old one goes under
      <FolderField
        v-model="archive"
        label="The old one goes under"
        :others="[{ value: '', text: 'nothing: it stays beside the new one' }]"
        :without="id => id === branch"
    /></label>
    <label
      >and gets the colour
      <ChoiceField
        v-model="closed"
        label="and gets the colour"
        class="line-field"
        :choices="[
          { value: '', text: 'it has' },
          ...meanings.map(meaning => ({ value: meaning.name, text: meaning.name })),
        ]"
    /></label>
    <p v-if="isSame" class="warn" role="status">
      No year is in its name to be counted up: type how the new one is called.
    </p>
    <TickBox v-model="grades">count “Year 10” and “Class 9” up as well</TickBox>
    <p class="second">
      Years in names are counted up; no documents are copied.
      {{
        archive
          ? 'The new one takes the place and number of the old one, which keeps its number there.'
          : 'The old one keeps its number; the new one gets the next.'
      }}
    </p>
    <v-btn type="submit" class="act main" :disabled="!branch || name.trim() === '' || isSame">
      See the next period
    </v-btn>
  </form>
</template>

<style scoped>
.period {
  display: grid;
  grid-template-columns: 100%;
  gap: 7px;
  justify-items: start;
}
label {
  display: grid;
  grid-template-columns: 150px minmax(0, 300px);
  gap: 8px;
  align-items: center;
  color: var(--ink-2);
}
</style>
