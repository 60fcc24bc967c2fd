<script setup lang="ts">
// What narrows a search, each with how many would be found: place, type, when it changed, way in, tags, star.
import { computed, ref } from 'vue'
import type { TypeGroup } from '../../../core/find/index'
import { FILED, TYPE_GROUP_NAMES, TYPE_GROUPS } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { ORIGINS } from '../../../core/rows/index'
import { outlineOf } from '../../../core/tree/index'
import type { FoundCounts } from '../../../contract/find'
import { originName } from '../../stores/origin'
import { usePlan } from '../../stores/plan'
import type { ChangedChoice, FindChoices } from '../../composables/findChoices'
import { CHANGED_CHOICES } from '../../composables/findChoices'
import TimeBars from './TimeBars.vue'

const props = defineProps<{ choices: FindChoices; /** null: not known yet, or nothing is asked. */ counts: FoundCounts | null }>()
const emit = defineEmits<{ choose: [choices: Partial<FindChoices>] }>()

const plan = usePlan()
const PLACES_SHOWN = 40

// Where something is found, the chosen one, and what lies above it.
const places = computed(() => {
  const counts = props.counts?.places ?? {}
  const above = new Set<string>()
  for (let at = plan.tree.byId.get(props.choices.place as FolderId); at; at = plan.tree.byId.get(at.parentId as FolderId)) above.add(at.id)
  return outlineOf(plan.tree).filter(({ folder, depth }) => above.has(folder.id) || (folder.parentId !== null && above.has(folder.parentId) ? (counts[folder.id] ?? 0) > 0 : depth === 0 && (counts[folder.id] ?? 0) > 0))
    .slice(0, PLACES_SHOWN).map(({ folder, depth }) => ({ value: folder.id as string, depth, text: plan.placeOf(folder.id)?.text ?? '', count: counts[folder.id] ?? 0 }))
})

/** "23", or "23+" where more is found than is counted exactly; empty where nothing is asked. */
const many = (count: number | undefined) => (props.counts === null ? '' : `${(count ?? 0).toLocaleString('en-GB')}${props.counts.more && (count ?? 0) > 0 ? '+' : ''}`)
const FILED_TEXTS = { none: 'not filed yet', one: 'in one folder', several: 'in several folders' } as const

function flip<T extends string>(all: readonly T[], one: T): T[] {
  return all.includes(one) ? all.filter(other => other !== one) : [...all, one]
}

// Types and ways that are found or chosen; all of them where nothing is asked.
const shownTypes = computed(() => TYPE_GROUP_NAMES.filter(type => props.counts === null || (props.counts.types[type] ?? 0) > 0 || props.choices.types.includes(type)))
const shownWays = computed(() => ORIGINS.filter(way => props.counts === null || (props.counts.origins[way] ?? 0) > 0 || props.choices.origins.includes(way)))

// Those chosen, and the most used.
const allTags = ref(false)
const FEW = 8
const shownTags = computed(() => {
  const used = [...plan.tags].sort((a, b) => b.count - a.count).slice(0, allTags.value ? undefined : FEW)
  return plan.tags.filter(tag => used.includes(tag) || props.choices.tags.includes(tag.id))
})

function toggleTag(id: string): void {
  emit('choose', { tags: props.choices.tags.includes(id) ? props.choices.tags.filter(other => other !== id) : [...props.choices.tags, id] })
}

function toggle(type: TypeGroup): void {
  const types = props.choices.types.includes(type) ? props.choices.types.filter(other => other !== type) : [...props.choices.types, type]
  emit('choose', { types })
}
</script>

<template>
  <form class="filters" aria-label="Narrow the search" @submit.prevent>
    <h2 class="part-head">
      Where
    </h2>
    <ul class="places" aria-label="In this folder and below">
      <li>
        <button type="button" :aria-pressed="choices.place === ''" @click="emit('choose', { place: '' })">
          everywhere
        </button>
      </li>
      <li v-for="place in places" :key="place.value" :style="{ paddingLeft: `${place.depth * 12}px` }">
        <button type="button" :aria-pressed="choices.place === place.value" @click="emit('choose', { place: choices.place === place.value ? '' : place.value })">
          <span class="cut">{{ place.text }}</span><span class="quiet">{{ many(place.count) }}</span>
        </button>
      </li>
    </ul>
    <h2 class="part-head">
      Type
    </h2>
    <label v-for="type in shownTypes" :key="type"><input type="checkbox" :checked="choices.types.includes(type)" @change="toggle(type)"> <span class="cut">{{ TYPE_GROUPS[type].name }}</span> <span class="quiet count">{{ many(counts?.types[type]) }}</span></label>
    <h2 class="part-head">
      Changed
    </h2>
    <TimeBars :counts="counts?.months ?? {}" :from="choices.changed === 'between' ? choices.from : ''" :to="choices.changed === 'between' ? choices.to : ''" @span="(from, to) => emit('choose', from === '' ? { changed: 'any', from: '', to: '' } : { changed: 'between', from, to })" />
    <label v-for="(choice, key) in CHANGED_CHOICES" :key="key"><input type="radio" name="changed" :checked="choices.changed === key" @change="emit('choose', { changed: key as ChangedChoice })"> {{ choice.name }}</label>
    <div v-if="choices.changed === 'between'" class="between">
      <input class="line-field" type="date" aria-label="From this day" :value="choices.from" @change="emit('choose', { from: ($event.target as HTMLInputElement).value })">
      <input class="line-field" type="date" aria-label="Up to this day" :value="choices.to" @change="emit('choose', { to: ($event.target as HTMLInputElement).value })">
    </div>
    <template v-if="plan.tags.length > 0">
      <h2 class="part-head">
        Tags
      </h2>
      <label v-for="tag in shownTags" :key="tag.id"><input type="checkbox" :checked="choices.tags.includes(tag.id)" @change="toggleTag(tag.id)"> <span class="cut">{{ tag.name }}</span> <span class="quiet count">{{ counts === null ? tag.count : many(counts.tags[tag.id]) }}</span></label>
      <NuxtLink class="place" to="/tags">
        Put tags right…
      </NuxtLink>
      <button v-if="plan.tags.length > shownTags.length" type="button" class="place" @click="allTags = true">
        all {{ plan.tags.length }} tags
      </button>
    </template>
    <h2 class="part-head">
      Star
    </h2>
    <label><input type="checkbox" :checked="choices.starred" @change="emit('choose', { starred: !choices.starred })"> <span class="cut">with a star</span> <span class="quiet count">{{ many(counts?.starred) }}</span></label>
    <h2 class="part-head">
      Filed
    </h2>
    <label v-for="filed in FILED" :key="filed"><input type="checkbox" :checked="choices.filed.includes(filed)" @change="emit('choose', { filed: flip(choices.filed, filed) })"> <span class="cut">{{ FILED_TEXTS[filed] }}</span> <span class="quiet count">{{ many(counts?.filed[filed]) }}</span></label>
    <h2 class="part-head">
      Way in
    </h2>
    <label v-for="way in shownWays" :key="way"><input type="checkbox" :checked="choices.origins.includes(way)" @change="emit('choose', { origins: flip(choices.origins, way) })"> <span class="cut">{{ originName(way) }}</span> <span class="quiet count">{{ many(counts?.origins[way]) }}</span></label>
  </form>
</template>

<style scoped>
.filters { padding: 4px 14px 20px; overflow-y: auto; flex: 1; min-height: 0; }
.part-head { margin-top: 14px; }
label { display: flex; align-items: center; gap: 8px; height: 25px; }
input[type='checkbox'], input[type='radio'] { accent-color: var(--act); width: 14px; height: 14px; }
.count { margin-left: auto; }
.places { list-style: none; padding: 0; max-height: 270px; overflow-y: auto; }
.places button { display: flex; gap: 8px; width: 100%; justify-content: space-between; text-align: left; line-height: 24px; padding: 0 4px; }
.places button[aria-pressed='true'] { background: var(--act-soft); font-weight: 600; }
.between { display: grid; gap: 5px; margin-top: 4px; }
</style>
