<script setup lang="ts">
// The next period of a branch: which, with what counted up, and where the old one goes.
import { computed, ref, watch } from 'vue'
import type { Meaning } from '../../../contract/plan'
import { countUp } from '../../../core/draft/index'
import type { PeriodSettings } from '../../../core/draft/index'
import type { FolderId } from '../../../core/ids'

const props = defineProps<{ folders: readonly { readonly id: FolderId; readonly name: string; readonly text: string }[]; meanings: readonly Meaning[]; branch: FolderId | null }>()
const emit = defineEmits<{ begin: [id: FolderId, settings: PeriodSettings] }>()

const branch = ref<FolderId | ''>(props.branch ?? '')
const grades = ref(false)
const archive = ref<FolderId | ''>('')
const closed = ref('')
watch(() => props.folders, (folders) => { archive.value ||= folders.find(folder => /^(archive|archiv|archives)$/i.test(folder.name))?.id ?? '' }, { immediate: true })
watch(() => props.meanings, (meanings) => { closed.value ||= meanings.find(meaning => meaning.closed)?.name ?? '' }, { immediate: true })

const next = computed(() => {
  const name = props.folders.find(folder => folder.id === branch.value)?.name
  return name === undefined ? '' : countUp(name, { grades: grades.value })
})

function begin(): void {
  if (branch.value) emit('begin', branch.value, { grades: grades.value, archiveId: archive.value || null, closed: closed.value || null })
}
</script>

<template>
  <form class="period" @submit.prevent="begin">
    <label>Branch <select v-model="branch" class="line-field"><option value="">choose one</option><option v-for="folder in folders" :key="folder.id" :value="folder.id">{{ folder.text }}</option></select></label>
    <label>The old one goes under <select v-model="archive" class="line-field"><option value="">nothing: it stays beside the new one</option><option v-for="folder in folders.filter(one => one.id !== branch)" :key="folder.id" :value="folder.id">{{ folder.text }}</option></select></label>
    <label>and gets the colour <select v-model="closed" class="line-field"><option value="">it has</option><option v-for="meaning in meanings" :key="meaning.id" :value="meaning.name">{{ meaning.name }}</option></select></label>
    <label class="check"><input v-model="grades" type="checkbox"> count “Year 10” and “Class 9” up as well</label>
    <p class="second">
      {{ next === '' ? 'Years in names are counted up; no documents are copied.' : `The new one is called “${next}”; no documents are copied.` }}
    </p>
    <button type="submit" class="act main" :disabled="!branch">
      See the next period
    </button>
  </form>
</template>

<style scoped>
.period { display: grid; gap: 7px; justify-items: start; }
label { display: flex; gap: 8px; align-items: center; color: var(--ink-2); }
label:not(.check) { display: grid; grid-template-columns: 150px 300px; }
</style>
