<script setup lang="ts">
// What one is on now: what has a star, with how long it was left alone; kept searches; bundles.
import { computed, ref, watch } from 'vue'
import { counted } from '../../core/change/index'
import { daysBetween } from '../../core/dates/index'
import LoosePage from '../components/common/LoosePage.vue'
import RemoteState from '../components/common/RemoteState.vue'
import BundleList from '../components/desk/BundleList.vue'
import DeskHead from '../components/desk/DeskHead.vue'
import SearchList from '../components/desk/SearchList.vue'
import { onPlanEvent } from '../composables/usePlanEvents'
import { useNow } from '../composables/useNow'
import { useActs } from '../stores/acts'
import { useBundles } from '../stores/bundles'
import { useLately } from '../stores/lately'
import { usePlan } from '../stores/plan'
import { usePlaceNames } from '../stores/placeNames'
import { useSearches } from '../stores/searches'
import ChoiceField from '../components/base/ChoiceField.vue'

const [plan, lately, searches, bundles, acts] = [usePlan(), useLately(), useSearches(), useBundles(), useActs()]
const placeNames = usePlaceNames()
const load = () => Promise.all([lately.load(), bundles.load(), searches.loadCounts()])
void load()
onPlanEvent(() => void load())
watch(
  () => searches.onDesk.length,
  () => void searches.loadCounts(),
)

const now = useNow()
const WEEKS = [2, 4, 8, 26] as const
const weeks = ref<number>(4)
const folders = computed(() =>
  placeNames.findable.flatMap(({ id }) => (plan.starredFolders.has(id) ? (plan.tree.byId.get(id) ?? []) : [])),
)
const starred = computed(() => (lately.loaded.state === 'ready' ? [...lately.loaded.value.starred].reverse() : []))
const restedDays = (row: (typeof starred.value)[number]) => Math.max(0, daysBetween(row.at, now.value))
/** "not opened for 5 weeks" beside each. */
const notes = computed(
  () =>
    new Map(
      starred.value.map(row => {
        const days = restedDays(row)
        const text =
          days < 1
            ? 'opened today'
            : days < 14
              ? `not opened for ${days === 1 ? 'a day' : `${days} days`}`
              : `not opened for ${Math.floor(days / 7)} weeks`
        return [row.id as string, row.visits === 0 && days < 1 ? 'starred today' : text]
      }),
    ),
)
const rested = computed(() => starred.value.filter(row => restedDays(row) >= weeks.value * 7))

async function clear(): Promise<void> {
  await acts.act({ kind: 'star', folderIds: [], documentIds: rested.value.map(row => row.id), on: false })
}
</script>

<template>
  <LoosePage :folders="folders" :documents="starred" :notes="notes" :sort="null" :descending="false" show-places>
    <template #head>
      <DeskHead view="now" />
      <SearchList
        v-if="searches.onDesk.length > 0"
        class="kept"
        :searches="searches.onDesk"
        label="Kept searches on the Desk" />
      <BundleList class="bundles" />
      <div class="star-head">
        <h2 class="part-head">With a star</h2>
        <p v-if="starred.length > 0" class="second">
          <template v-if="rested.length > 0">
            <v-btn class="place" @click="clear">Clear the finished</v-btn>: {{ counted(rested.length, 'document') }} not
            opened for
          </template>
          <template v-else> None was left alone for </template>
          <ChoiceField
            v-model="weeks"
            label="How many weeks"
            :choices="WEEKS.map(number => ({ value: number, text: `${number} weeks` }))" />
        </p>
      </div>
    </template>
    <template #state>
      <RemoteState v-if="lately.loaded.state !== 'ready'" :remote="lately.loaded" @again="lately.load()" />
    </template>
    <template #empty>
      <div v-if="lately.loaded.state === 'ready'" class="empty">
        <h2>Nothing has a star</h2>
        <p>
          Give what you are working on a star: select it and press S, or click the star at the end of its row. It is
          then to be found here.
        </p>
      </div>
    </template>
  </LoosePage>
</template>

<style scoped>
.kept,
.bundles {
  margin-bottom: 16px;
}
.star-head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 20px;
  margin-bottom: 8px;
}
.star-head .part-head {
  border: 0;
  padding: 0;
  margin: 0;
}
</style>
