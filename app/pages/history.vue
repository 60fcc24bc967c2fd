<script setup lang="ts">
// Everything done to the plan: when, what, where, who. Each act can be undone, also in the middle,
// unless something later stands against it; then it says what.
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { ChangeEntry } from '../../contract/change'
import { isUndoable } from '../../core/change/index'
import { clockText, dayText } from '../../core/dates/index'
import type { FolderId } from '../../core/ids'
import RemoteState from '../components/common/RemoteState.vue'
import HistoryFilter from '../components/history/HistoryFilter.vue'
import UndoSinceDialog from '../components/history/UndoSinceDialog.vue'
import { useBeforePrint } from '../composables/useOnPaper'
import { onPlanEvent } from '../composables/usePlanEvents'
import { useNow } from '../composables/useNow'
import { useActs } from '../stores/acts'
import { useHistory } from '../stores/history'
import { historyRequest, MADE_BY_WORDS, narrowsHistory, NO_FILTER } from '../stores/historyFilter'
import { usePlan } from '../stores/plan'
import { usePlaceNames } from '../stores/placeNames'

const [history, acts, plan] = [useHistory(), useActs(), usePlan()]
const placeNames = usePlaceNames()
const filter = ref(NO_FILTER)
void history.ask({})
watchDebounced(filter, wanted => void history.ask(historyRequest(wanted)), { debounce: 200 })
const isFiltered = computed(() => narrowsHistory(filter.value))
onPlanEvent(event => {
  if (event.type !== 'reading') void history.load()
})
useBeforePrint(async () => {
  while (history.hasMore && history.changes.length < PRINTED_AT_MOST) await history.more()
})
const PRINTED_AT_MOST = 2000
const blocked = ref<{ id: string; text: string } | null>(null)
const now = useNow()

const days = computed(() => {
  const groups: { day: string; changes: ChangeEntry[] }[] = []
  for (const change of history.changes) {
    const day = dayText(change.at, now.value)
    const last = groups.at(-1)
    if (last?.day === day) last.changes.push(change)
    else groups.push({ day, changes: [change] })
  }
  return groups
})

function placesOf(change: ChangeEntry): { text: string; to: string }[] {
  return change.places.slice(0, 3).flatMap(id => {
    if (id === plan.reply?.plan.id) return []
    const place = placeNames.placeOf(id as FolderId)
    return place ? [{ text: place.text, to: `/plan/${id}` }] : []
  })
}

const since = ref<ChangeEntry | null>(null)
/** What would be taken back, as far as it is shown here. */
const run = computed(() => {
  const { value: from } = since
  return from === null
    ? []
    : history.changes.filter(
        change =>
          change.revision >= from.revision &&
          change.undoneBy === null &&
          change.kind !== 'undo' &&
          change.kind !== 'redo',
      )
})

async function undoRun(): Promise<void> {
  const { value: from } = since
  since.value = null
  if (!from) return
  const outcome = await acts.undoSince(from.id)
  blocked.value = outcome.ok ? null : { id: from.id, text: outcome.reason.message }
  await history.load()
}

async function undo(change: ChangeEntry): Promise<void> {
  const outcome = await acts.undo(change.id)
  blocked.value = outcome.ok ? null : { id: change.id, text: outcome.reason.message }
  await history.load()
}
</script>

<template>
  <div class="history">
    <h1>History</h1>
    <p class="second lead">
      Everything done to the plan, newest first. Each act can be undone, also one in the middle, unless something later
      stands against it.
    </p>
    <HistoryFilter v-model="filter" />
    <RemoteState :remote="history.loaded" @again="history.load()">
      <div v-if="history.changes.length === 0" class="empty">
        <h2>{{ isFiltered ? 'Nothing like this was done' : 'Nothing was done yet' }}</h2>
        <p v-if="!isFiltered">
          Make a folder or bring a document in: it is written down here, and can be taken back from here.
        </p>
      </div>
      <section v-for="group in days" :key="group.day">
        <h2 class="part-head">
          {{ group.day }}
        </h2>
        <ol>
          <li v-for="change in group.changes" :key="change.id" :class="{ undone: change.undoneBy !== null }">
            <span class="quiet">{{ clockText(change.at) }}</span>
            <span class="what"
              >{{ change.label
              }}<span v-if="change.undoneBy !== null" class="quiet">
                · {{ change.kind === 'undo' ? 'done again' : 'undone' }}</span
              ></span
            >
            <span class="where"
              ><NuxtLink v-for="place in placesOf(change)" :key="place.to" class="place cut" :to="place.to">{{
                place.text
              }}</NuxtLink></span
            >
            <span class="quiet cut">{{
              change.madeBy === 'person' ? change.actor : MADE_BY_WORDS[change.madeBy]
            }}</span>
            <v-btn
              v-if="change.undoneBy === null && isUndoable(change.kind)"
              class="place"
              :aria-label="`${change.kind === 'undo' ? 'Do again' : 'Undo'}: ${change.label}`"
              @click="undo(change)">
              {{ change.kind === 'undo' ? 'Do again' : 'Undo' }}
            </v-btn>
            <span v-else />
            <v-btn
              v-if="
                !isFiltered &&
                change.undoneBy === null &&
                isUndoable(change.kind) &&
                change.kind !== 'undo' &&
                change.kind !== 'redo'
              "
              class="quiet since"
              :aria-label="`Undo everything since: ${change.label}`"
              @click="since = change">
              and all since
            </v-btn>
            <span v-else />
            <p v-if="blocked?.id === change.id" class="warn blocked" role="alert">
              {{ blocked.text }}
            </p>
          </li>
        </ol>
      </section>
      <v-btn v-if="history.hasMore" class="act main" @click="history.more()">Show earlier</v-btn>
    </RemoteState>
    <UndoSinceDialog :since="since" :changes="run" @leave="since = null" @undo="undoRun" />
  </div>
</template>

<style scoped>
.history {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 26px max(24px, calc((100vw - 1060px) / 2)) 30px;
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.lead {
  margin-bottom: 10px;
}
.part-head {
  margin-top: 16px;
}
ol {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 50px minmax(0, 1fr) minmax(0, 220px) 160px 64px 84px;
  gap: 2px 14px;
  border-bottom: 1px solid var(--rule);
  padding: 5px 0;
  align-items: baseline;
}
.what {
  overflow-wrap: anywhere;
}
.since {
  font-size: 12px;
}
.since:hover {
  color: var(--act);
  text-decoration: underline;
}
.undone .what {
  color: var(--ink-3);
}
.where {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.blocked {
  grid-column: 2 / -1;
}
@media (max-width: 860px) {
  li {
    grid-template-columns: 46px minmax(0, 1fr) 64px;
  }
  li .where,
  li > .cut,
  li .since {
    display: none;
  }
}
</style>
