<script setup lang="ts">
// The parts of a document by their names, to go to one: sheets as tabs, messages and chapters in a field.
import { computed, ref } from 'vue'
import type { PartName } from '../../../core/text/index'

const props = defineProps<{ parts: readonly (PartName & { readonly page: number })[]; at: number }>()
const emit = defineEmits<{ go: [page: number] }>()

const sheets = computed(() => props.parts.filter(({ kind }) => kind === 'sheet'))
/** Messages and chapters, a chapter of several parts once. */
const others = computed(() =>
  props.parts.filter(
    ({ kind, name }, index) =>
      (kind === 'message' || kind === 'chapter') &&
      !(kind === 'chapter' && props.parts[index - 1]?.kind === kind && props.parts[index - 1]?.name === name),
  ),
)
const items = computed(() =>
  others.value.map(({ page, kind, name }) => ({ value: page, title: kind === 'message' ? `${page}. ${name}` : name })),
)
/** The sheet in view. */
const present = computed(() => sheets.value.filter(({ page }) => page <= props.at).at(-1)?.page ?? null)
const isMail = computed(() => others.value[0]?.kind === 'message')
// The field is for going somewhere, so it holds nothing itself.
const gone = ref(0)
function go(page: number | null): void {
  if (page === null) return
  gone.value++
  emit('go', page)
}
</script>

<template>
  <v-tabs
    v-if="sheets.length > 1"
    class="sheets"
    density="compact"
    show-arrows
    :model-value="present"
    aria-label="Sheets">
    <v-tab v-for="sheet in sheets" :key="sheet.page" :value="sheet.page" class="tab" @click="go(sheet.page)">{{
      sheet.name
    }}</v-tab>
  </v-tabs>
  <v-autocomplete
    v-else-if="others.length > 1"
    :key="gone"
    class="others"
    :items="items"
    :model-value="null"
    :label="isMail ? `Go to one of ${others.length} messages` : 'Go to a chapter'"
    :no-data-text="isMail ? 'No message is called so.' : 'No chapter is called so.'"
    auto-select-first
    density="compact"
    variant="underlined"
    hide-details
    @update:model-value="go($event)" />
</template>

<style scoped>
.tab.v-tab--selected {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -2px 0 var(--act);
}
.sheets {
  position: sticky;
  top: 38px; /* under the bar of the reader */
  z-index: 1;
  background: inherit;
  border-bottom: 1px solid var(--rule-strong);
  margin-bottom: 6px;
}
.tab {
  text-transform: none;
  letter-spacing: 0;
  min-width: 0;
  padding: 0 12px;
}
.others {
  max-width: 420px;
  margin-bottom: 10px;
}
</style>
