<script setup lang="ts">
// How the documents of this folder are shown: rows or sheets, under which headings, with which columns.
import { mdiArrowDown, mdiArrowUp, mdiMenuDown } from '@mdi/js'
import { computed } from 'vue'
import type { ViewSettings } from '../../stores/view'
import { useView } from '../../stores/view'
import { REGISTER_GROUPS, REGISTER_SORTS } from '../../stores/viewTexts'
import type { ColumnId } from '../../stores/columns'
import { COLUMN_IDS, columnOf, FIRST_COLUMNS, moveColumn, toggleColumn } from '../../stores/columns'
import ChoiceField from '../base/ChoiceField.vue'
import TickBox from '../base/TickBox.vue'

const props = defineProps<{ settings: ViewSettings }>()
const emit = defineEmits<{ change: [settings: Partial<ViewSettings>] }>()

const view = useView()
const sorts = computed(() => REGISTER_SORTS.filter(({ value }) => value !== 'type' || props.settings.group === 'none'))
const ordered = computed<readonly ColumnId[]>(() => {
  const shown = view.saved.columns.map(({ id }) => id)
  return [...shown, ...COLUMN_IDS.filter(id => !shown.includes(id))]
})
const isShown = (id: ColumnId) => view.saved.columns.some(column => column.id === id)
</script>

<template>
  <div class="list-settings" role="toolbar" aria-label="How the documents are shown">
    <div class="pair" role="group" aria-label="As">
      <v-btn
        v-for="{ value, text } in [
          { value: 'list', text: 'Rows' },
          { value: 'grid', text: 'Sheets' },
        ] as const"
        :key="value"
        class="act"
        :aria-pressed="settings.view === value"
        @click="emit('change', { view: value })">
        {{ text }}
      </v-btn>
    </div>
    <ChoiceField
      class="choice"
      label="Headings"
      :model-value="settings.group"
      :choices="REGISTER_GROUPS"
      @update:model-value="emit('change', { group: $event })" />
    <template v-if="settings.view === 'grid'">
      <ChoiceField
        class="choice"
        label="Order"
        :model-value="settings.sort"
        :choices="sorts.map(({ value, text }) => ({ value: value, text: text }))"
        @update:model-value="emit('change', { sort: $event })" />
      <v-btn
        class="act"
        :aria-label="settings.descending ? 'From the last to the first' : 'From the first to the last'"
        @click="emit('change', { descending: !settings.descending })">
        <v-icon :icon="settings.descending ? mdiArrowDown : mdiArrowUp" size="15" />
      </v-btn>
    </template>
    <v-menu v-else :close-on-content-click="false">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="act">Columns<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
      </template>
      <div class="columns" role="group" aria-label="Columns">
        <div v-for="id in ordered" :key="id" class="column">
          <TickBox
            class="check"
            :model-value="isShown(id)"
            @update:model-value="view.saved.columns = toggleColumn(view.saved.columns, id)"
            >{{ columnOf(id).name }}</TickBox
          >
          <template v-if="isShown(id)">
            <v-btn
              class="act"
              :aria-label="`${columnOf(id).name}: further to the left`"
              @click="view.saved.columns = moveColumn(view.saved.columns, id, -1)">
              <v-icon :icon="mdiArrowUp" size="14" />
            </v-btn>
            <v-btn
              class="act"
              :aria-label="`${columnOf(id).name}: further to the right`"
              @click="view.saved.columns = moveColumn(view.saved.columns, id, 1)">
              <v-icon :icon="mdiArrowDown" size="14" />
            </v-btn>
          </template>
        </div>
        <v-btn class="act" @click="view.saved.columns = FIRST_COLUMNS">As at the start</v-btn>
      </div>
    </v-menu>
  </div>
</template>

<style scoped>
.list-settings {
  display: flex;
  gap: 4px;
  align-items: center;
  justify-content: flex-end;
  margin-bottom: 3px;
  min-height: 27px;
}
.pair {
  display: inline-flex;
}
.pair [aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -2px 0 var(--act);
}
.choice {
  font-size: 13px;
  color: var(--ink-2);
  border: 1px solid transparent;
  background: transparent;
  height: 26px;
  padding: 4px 4px 0;
}
.choice:hover {
  border-color: var(--rule-strong);
}
.columns {
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  padding: 8px 10px;
  min-width: 230px;
  display: flex;
  flex-direction: column;
  gap: 1px;
}
.column {
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 27px;
}
.column .check {
  flex: 1;
}
</style>
