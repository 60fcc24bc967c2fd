<script setup lang="ts">
// Everything that is given out, by what it gives: until when, how often it was opened, and the act that ends it.
import { computed, onMounted, ref } from 'vue'
import { counted } from '../../core/change/index'
import { isInForce } from '../../core/access/index'
import { agoText, dateText, daysBetween } from '../../core/dates/index'
import RowTick from '../components/base/RowTick.vue'
import { useNow } from '../composables/useNow'
import { useGivenLinks } from '../stores/givenLinks'
import { usePlan } from '../stores/plan'

const STALE_DAYS = 90
const [given, plan] = [useGivenLinks(), usePlan()]
const now = useNow()
const ticked = ref<ReadonlySet<string>>(new Set())

// How often each was opened is told with the outline, and changes without an act of this plan.
onMounted(() => void plan.load())

const lines = computed(() =>
  given.links.map(link => ({
    link,
    name: given.nameOf(link),
    to: link.target === 'folder' ? `/plan/${link.targetId}` : `/document/${link.targetId}`,
    isOver: !isInForce(link, new Date(now.value).toISOString()),
    isStale: daysBetween(link.openedAt ?? link.createdAt, now.value) >= STALE_DAYS,
  })),
)

function tick(id: string): void {
  const next = new Set(ticked.value)
  if (!next.delete(id)) next.add(id)
  ticked.value = next
}

async function endTicked(): Promise<void> {
  await given.end(given.links.map(({ id }) => id).filter(id => ticked.value.has(id)))
  ticked.value = new Set()
}
</script>

<template>
  <div class="given">
    <h1>Given out</h1>
    <p class="second">
      Whoever has one of these links may read what it gives, without an account. “Give…” on a folder or a document makes
      one.
    </p>
    <p v-if="lines.length === 0" class="empty">Nothing is given out: the plan is seen by you alone.</p>
    <template v-else>
      <p class="acts">
        <v-btn class="act" :disabled="ticked.size === 0" @click="endTicked">
          End {{ ticked.size === 0 ? 'those ticked' : counted(ticked.size, 'link') }}
        </v-btn>
      </p>
      <table>
        <thead>
          <tr>
            <th aria-label="Ticked" />
            <th>what</th>
            <th>for</th>
            <th>made</th>
            <th>until</th>
            <th>opened</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ link, name, to, isOver, isStale } in lines" :key="link.id" :class="{ over: isOver }">
            <td>
              <RowTick
                :model-value="ticked.has(link.id)"
                :aria-label="`Tick the link to ${name}`"
                @update:model-value="tick(link.id)" />
            </td>
            <td>
              <NuxtLink class="place" :to="to">{{ name }}</NuxtLink>
            </td>
            <td>{{ link.note || '–' }}</td>
            <td>{{ dateText(link.createdAt) }}</td>
            <td>{{ link.until === null ? 'no day set' : isOver ? 'over' : dateText(link.until) }}</td>
            <td>
              {{ link.openedAt === null ? 'never' : `${counted(link.opened, 'time')}, ${agoText(link.openedAt, now)}` }}
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
  max-width: 980px;
  overflow-y: auto;
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
}
.over {
  color: var(--ink-3);
}
</style>
