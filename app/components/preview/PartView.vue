<script setup lang="ts">
// One part of a document, as what it is: a sheet as a table, notes under their slide, a message with its headers.
import { computed, ref } from 'vue'
import { timeText } from '../../../core/dates/index'
import { messageOf, rowsOfSheet } from '../../../core/formats/index'
import type { PartName } from '../../../core/text/index'
import { partLabel } from '../../../core/text/index'
import SheetTable from './SheetTable.vue'

const props = defineProps<{
  part: PartName & { readonly page: number; readonly body: string }
  /** The part before: what it says itself is not said again. */
  before?: PartName
  /** The document is a message by itself. */
  isMessage?: boolean
  /** Words stand in it that are looked for. */
  hasHits?: boolean
  /** In the card: its beginning only. */
  small?: boolean
}>()

const table = ref<InstanceType<typeof SheetTable> | null>(null)
const rows = computed(() => (props.part.kind === 'sheet' ? rowsOfSheet(props.part.body, props.part.name) : []))
const message = computed(() =>
  props.part.kind === 'message' || (props.isMessage && props.part.page === 1) ? messageOf(props.part.body) : null,
)
const isNew = computed(() => props.part.kind !== props.before?.kind || props.part.name !== props.before.name)
const heading = computed(() => {
  const { kind, name, page } = props.part
  // The text and pages have none, and chapters begin with their own.
  if (!isNew.value || message.value || ['text', 'page', 'chapter'].includes(kind)) return ''
  if (kind === 'notes') return name === '' ? 'Notes to the slides' : 'Notes'
  const label = partLabel({ kind, name }, page)
  return label.charAt(0).toUpperCase() + label.slice(1)
})
const drawn = computed(() => props.part.kind !== 'sheet' || table.value?.isDrawn === true)
</script>

<template>
  <section class="part" :class="part.kind" :data-page="part.page" :data-drawn="drawn ? '' : undefined">
    <h3 v-if="heading">{{ heading }}</h3>
    <SheetTable
      v-if="part.kind === 'sheet'"
      ref="table"
      :rows="rows"
      :whole="hasHits ?? false"
      :only="small ? 14 : undefined" />
    <template v-else-if="message">
      <h3 class="subject">{{ message.subject || 'No subject' }}</h3>
      <dl>
        <template v-for="{ label, value } in message.headers" :key="label">
          <dt>{{ label }}</dt>
          <dd>{{ label === 'Date' ? timeText(value) : value }}</dd>
        </template>
      </dl>
      <pre>{{ message.text }}</pre>
    </template>
    <pre v-else>{{ part.body }}</pre>
  </section>
</template>

<style scoped>
/* Each line runs the way of its own script. */
pre,
dd,
h3,
.part :deep(td) {
  unicode-bidi: plaintext;
}
.part {
  scroll-margin-top: 84px; /* the bar of the reader and the tabs of the sheets */
}
.part + .part {
  margin-top: 0.4em;
}
h3 {
  font-size: 0.82em;
  font-weight: 600;
  color: color-mix(in srgb, currentColor 62%, transparent);
  letter-spacing: 0.02em;
  margin: 0 0 0.5em;
}
.sheet,
.slide,
.message {
  padding: 0.9em 0;
}
.sheet + .sheet,
.slide,
.message + .message,
.footnotes,
.endnotes,
.comments,
.header,
.chart,
.diagram,
.drawing,
.embedded {
  border-top: 1px solid color-mix(in srgb, currentColor 30%, transparent);
  padding-top: 0.9em;
  margin-top: 0.9em;
}
.slide:first-child {
  border-top: 0;
  margin-top: 0;
}
.notes {
  margin: 0 0 0.6em 1.2em;
  padding-left: 0.9em;
  border-left: 2px solid color-mix(in srgb, currentColor 30%, transparent);
  font-size: 0.94em;
}
.subject {
  font-size: 1.1em;
  color: inherit;
}
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 2px 12px;
  margin-bottom: 1em;
  font-size: 0.9em;
}
dt {
  color: color-mix(in srgb, currentColor 62%, transparent);
}
dd {
  overflow-wrap: anywhere;
}
pre {
  font-family: var(--sans);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  margin: 0;
}
</style>
