<script setup lang="ts">
// Where was it: documents opened, changed or added last, day by day, and those opened often.
import { computed, ref } from 'vue'
import { clockText, dayText } from '../../core/dates/index'
import LoosePage from '../components/common/LoosePage.vue'
import RemoteState from '../components/common/RemoteState.vue'
import DeskHead from '../components/desk/DeskHead.vue'
import { onPlanEvent } from '../composables/usePlanEvents'
import { useNow } from '../composables/useNow'
import { useLately } from '../stores/lately'

const lately = useLately()
void lately.load()
onPlanEvent(() => void lately.load())

const KINDS = { opened: 'opened', changed: 'changed', added: 'added', often: 'opened often' } as const
type Kind = keyof typeof KINDS
const kind = ref<Kind>('opened')
const now = useNow()
const rows = computed(() => (lately.loaded.state === 'ready' ? lately.loaded.value[kind.value] : []))

/** The reason and the time beside each. */
const notes = computed(
  () =>
    new Map(
      rows.value.map(row => [
        row.id as string,
        kind.value === 'often'
          ? `opened ${row.visits} times, the last time ${dayText(row.at, now.value)}`
          : `${KINDS[kind.value]} ${clockText(row.at)}`,
      ]),
    ),
)
/** Over the first of each day. */
const headings = computed(() => {
  const found = new Map<string, string>()
  if (kind.value === 'often') return found
  let day = ''
  for (const row of rows.value) {
    const of = dayText(row.at, now.value)
    if (of !== day) found.set(row.id, of)
    day = of
  }
  return found
})
</script>

<template>
  <LoosePage
    :folders="[]"
    :documents="rows"
    :notes="notes"
    :headings="headings"
    :sort="null"
    :descending="false"
    show-places>
    <template #head>
      <DeskHead view="recent" />
      <div class="kinds" role="group" aria-label="Which documents">
        <v-btn
          v-for="(text, key) in KINDS"
          :key="key"
          class="place"
          :aria-pressed="kind === key"
          @click="kind = key as Kind">
          {{ text }}
        </v-btn>
      </div>
    </template>
    <template #state>
      <RemoteState v-if="lately.loaded.state !== 'ready'" :remote="lately.loaded" @again="lately.load()" />
    </template>
    <template #empty>
      <div v-if="lately.loaded.state === 'ready'" class="empty">
        <h2>{{ kind === 'often' ? 'Nothing was opened several times yet' : `Nothing was ${KINDS[kind]} yet` }}</h2>
        <p>What you open, change and bring in is listed here by day, with its place.</p>
      </div>
    </template>
  </LoosePage>
</template>

<style scoped>
.kinds {
  display: flex;
  gap: 16px;
}
.kinds {
  margin-bottom: 12px;
}
.kinds [aria-pressed='true'] {
  color: var(--ink);
  border-bottom: 2px solid var(--act);
}
</style>
