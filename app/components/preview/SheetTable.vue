<script setup lang="ts">
// A table as a table. Rows are drawn when they come near the view, so that a long sheet costs as much as a short one;
// where words are looked for, all of them at once, so that every hit can be stepped to.
import { computed, ref } from 'vue'
import RowsInView from './RowsInView.vue'

const props = defineProps<{
  rows: readonly (readonly string[])[]
  /** Draw all rows at once. */
  whole: boolean
  /** The first rows only, for the card. */
  only?: number
}>()

const AT_ONCE = 100
const WHOLE_AT_MOST = 5000

const shown = computed(() => (props.only === undefined ? props.rows : props.rows.slice(0, props.only)))
const chunks = computed(() =>
  Array.from({ length: Math.ceil(shown.value.length / AT_ONCE) }, (_, index) => ({
    from: index * AT_ONCE,
    rows: shown.value.slice(index * AT_ONCE, (index + 1) * AT_ONCE),
  })),
)
const columns = computed(() => shown.value.slice(0, 1000).reduce((most, row) => Math.max(most, row.length), 1))
const isWhole = computed(() => props.whole && shown.value.length <= WHOLE_AT_MOST)
const drawn = ref(new Set<number>())
defineExpose({ isDrawn: computed(() => isWhole.value || drawn.value.size === chunks.value.length) })
</script>

<template>
  <div class="sheet-table">
    <table>
      <RowsInView
        v-for="chunk in chunks"
        :key="chunk.from"
        :rows="chunk.rows"
        :columns="columns"
        :now="isWhole || chunk.from === 0"
        @drawn="drawn = new Set(drawn).add(chunk.from)" />
    </table>
  </div>
</template>

<style scoped>
.sheet-table {
  overflow-x: auto;
  padding-bottom: 4px;
}
table {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
  font-size: 0.92em;
}
:deep(td) {
  padding: 2px 9px;
  border-bottom: 1px solid color-mix(in srgb, currentColor 15%, transparent); /* paper is white in the dark as well */
  max-width: 380px;
  overflow-wrap: break-word;
  vertical-align: top;
}
</style>
