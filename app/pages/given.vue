<script setup lang="ts">
// Everything that is given out, by what it gives: to whom, until when, how often it was opened; ended by ticking.
import { computed, onMounted, ref } from 'vue'
import { counted } from '../../core/change/index'
import { isInForce } from '../../core/access/index'
import { agoText, dateText, daysBetween } from '../../core/dates/index'
import ChoiceField from '../components/base/ChoiceField.vue'
import RowTick from '../components/base/RowTick.vue'
import { useNow } from '../composables/useNow'
import type { GivenOut } from '../stores/given'
import { useGiven } from '../stores/given'
import { useGivenTexts } from '../stores/givenTexts'
import { useHandovers } from '../stores/handovers'
import { usePlan } from '../stores/plan'
import { ROLE_VERBS } from '../stores/roleTexts'

const STALE_DAYS = 90
const ORDERS = [
  { value: 'made', text: 'the newest first' },
  { value: 'who', text: 'by whom it is for' },
  { value: 'what', text: 'by what it is' },
] as const
const [given, plan, texts, handovers] = [useGiven(), usePlan(), useGivenTexts(), useHandovers()]
const now = useNow()
const ticked = ref<ReadonlySet<string>>(new Set())
const order = ref<(typeof ORDERS)[number]['value']>('made')

// How often each was opened is told with the outline, and changes without an act of this plan.
onMounted(() => void plan.load())

const pathOf = ({ target, targetId }: GivenOut) =>
  target === 'plan' ? '/plan' : target === 'folder' ? `/plan/${targetId}` : `/document/${targetId}`
const lines = computed(() => {
  const all = given.all.map(one => ({
    one,
    name: texts.nameOf(one),
    who: texts.whoText(one),
    to: pathOf(one),
    isOver: !isInForce(one, new Date(now.value).toISOString()),
    isStale: daysBetween(one.openedAt ?? one.createdAt, now.value) >= STALE_DAYS,
  }))
  const by = order.value === 'who' ? 'who' : 'name'
  return order.value === 'made' ? all : all.sort((a, b) => a[by].localeCompare(b[by], 'en', { numeric: true }))
})

function tick(id: string): void {
  const next = new Set(ticked.value)
  if (!next.delete(id)) next.add(id)
  ticked.value = next
}

async function endTicked(): Promise<void> {
  await given.end(given.all.map(({ id }) => id).filter(id => ticked.value.has(id)))
  ticked.value = new Set()
}
</script>

<template>
  <div class="given">
    <h1>Given out</h1>
    <p class="second">
      Everything of this plan that others may read or change, and until when. “Give…” on a folder or a document gives
      more; groups are made under <NuxtLink class="place" to="/people">People</NuxtLink>.
    </p>
    <p v-if="lines.length + handovers.outgoing.length === 0" class="empty">
      Nothing is given out: the plan is seen by you alone.
    </p>
    <ul v-if="handovers.outgoing.length > 0" class="offered" aria-label="Offered to be handed over">
      <li v-for="one in handovers.outgoing" :key="one.id">
        {{ one.target === 'plan' ? 'The whole plan' : `“${one.name}”` }} is offered to <b>{{ one.person }}</b> since
        {{ dateText(one.createdAt) }}, to be theirs once they take it over.
        <v-btn class="place" :aria-label="`Take back the offer of ${one.name}`" @click="handovers.takeBack(one)">
          Take it back
        </v-btn>
      </li>
    </ul>
    <template v-if="lines.length > 0">
      <p class="acts">
        <v-btn class="act" :disabled="ticked.size === 0" @click="endTicked">
          {{ ticked.size === 0 ? 'Take back those ticked' : `Take back ${counted(ticked.size, 'thing')}` }}
        </v-btn>
        <ChoiceField v-model="order" class="order" label="Order" :choices="ORDERS" />
      </p>
      <table>
        <thead>
          <tr>
            <th aria-label="Ticked" />
            <th>what</th>
            <th>who</th>
            <th>may</th>
            <th>since</th>
            <th>until</th>
            <th>opened</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ one, name, who, to, isOver, isStale } in lines" :key="one.id" :class="{ over: isOver }">
            <td>
              <RowTick
                :model-value="ticked.has(one.id)"
                :aria-label="`Tick ${name} for ${who}`"
                @update:model-value="tick(one.id)" />
            </td>
            <td>
              <NuxtLink class="place" :to="to">{{ name }}</NuxtLink>
            </td>
            <td>{{ who }}</td>
            <td>{{ ROLE_VERBS[one.role] }}</td>
            <td>{{ dateText(one.createdAt) }}</td>
            <td>{{ one.until === null ? 'no day set' : isOver ? 'over' : dateText(one.until) }}</td>
            <td>
              {{ one.openedAt === null ? 'never' : `${counted(one.opened, 'time')}, ${agoText(one.openedAt, now)}` }}
              <span v-if="isStale" class="warn">not for three months</span>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped>
.given {
  padding: 22px 28px;
  max-width: 1080px;
  overflow-y: auto;
}
.offered {
  list-style: none;
  padding: 8px 0;
}
table {
  width: 100%;
  border-collapse: collapse;
  border-top: 2px solid var(--ink);
}
th,
td {
  text-align: left;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule);
}
th {
  font-size: 12px;
  color: var(--ink-2);
}
.acts {
  margin: 10px 0;
  display: flex;
  gap: 16px;
  align-items: center;
}
.order {
  width: 170px;
}
.over {
  color: var(--ink-3);
}
</style>
