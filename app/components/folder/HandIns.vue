<script setup lang="ts">
// Who has handed in what they were handed out here, and who has not.
import { computed, ref, watch } from 'vue'
import type { HandIn } from '../../../contract/plan'
import { counted } from '../../../core/change/index'
import { timeText } from '../../../core/dates/index'
import type { FolderId } from '../../../core/ids'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { useNow } from '../../composables/useNow'
import { handInsOf, useGiven } from '../../stores/given'
import { usePlan } from '../../stores/plan'
import type { Remote } from '../../stores/remote'
import { remoteOf } from '../../stores/remote'
import RemoteState from '../common/RemoteState.vue'

const props = defineProps<{ id: FolderId }>()
const [given, plan] = [useGiven(), usePlan()]
const now = useNow()
const loaded = ref<Remote<readonly HandIn[]>>({ state: 'idle' })
/** Folders of this one that one person alone may add to. */
const isHandedOut = computed(() =>
  given.all.some(
    ({ who, role, target, targetId }) =>
      who === 'person' &&
      role === 'add' &&
      target === 'folder' &&
      plan.tree.byId.get(targetId as FolderId)?.parentId === props.id,
  ),
)

async function load(): Promise<void> {
  if (!isHandedOut.value) return
  const { id } = props
  const answer = await remoteOf(handInsOf(id))
  if (id === props.id) loaded.value = answer
}
watch([() => props.id, isHandedOut], load, { immediate: true })
onPlanEvent(event => {
  if (event.type === 'change' || event.type === 'refresh') void load()
})

const missing = (lines: readonly HandIn[]) => lines.filter(({ count }) => count === 0).length
const head = (lines: readonly HandIn[]) => {
  const until = lines[0]?.until
  const end =
    until == null
      ? ''
      : new Date(until).getTime() <= now.value
        ? `, over since ${timeText(until)}`
        : `, until ${timeText(until)}`
  const left = missing(lines)
  return `${left === 0 ? 'All have handed in' : `${left} of ${lines.length} have not handed in`}${end}.`
}
</script>

<template>
  <section v-if="isHandedOut" class="hand-ins" aria-label="Handed in">
    <RemoteState v-slot="{ value: lines }" :remote="loaded" @again="load">
      <p class="second" role="status">{{ head(lines) }}</p>
      <ul>
        <li v-for="one in lines" :key="one.folderId">
          <NuxtLink class="place" :to="`/plan/${one.folderId}`">{{ one.name }}</NuxtLink>
          <span>{{ one.count === 0 ? '–' : counted(one.count, 'document') }}</span>
          <span class="quiet">{{
            one.lastAt ? timeText(one.lastAt) : one.openedAt ? 'has looked at it' : 'has not looked at it yet'
          }}</span>
        </li>
      </ul>
    </RemoteState>
  </section>
</template>

<style scoped>
.hand-ins {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 130px 200px;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
