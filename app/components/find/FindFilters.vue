<script setup lang="ts">
// What narrows a search, each with how many would be found: place, type, colour, time, tags, star and more.
import { computed, ref } from 'vue'
import type { FoundCounts } from '../../../contract/find'
import type { Chosen, FacetSelection } from '../../../core/find/index'
import {
  FILED,
  LANGUAGE_NAMES,
  SIZE_CLASS_NAMES,
  SIZE_CLASSES,
  TYPE_GROUP_NAMES,
  TYPE_GROUPS,
} from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { ORIGINS } from '../../../core/rows/index'
import { LANGUAGES } from '../../../core/text/index'
import { outlineOf } from '../../../core/tree/index'
import { originName } from '../../stores/origin'
import { usePlan } from '../../stores/plan'
import FacetList from './FacetList.vue'
import SpanFacet from './SpanFacet.vue'

const props = defineProps<{
  facets: FacetSelection
  /** null: not known yet, or nothing is asked. */
  counts: FoundCounts | null
}>()
const emit = defineEmits<{ choose: [facets: Partial<FacetSelection>] }>()

const plan = usePlan()
const PLACES_SHOWN = 40
const FEW_TAGS = 8
const FILED_TEXTS = { none: 'not filed yet', one: 'in one folder', several: 'in several folders' } as const

type Group = Exclude<keyof FoundCounts, 'about'>
/** "23", or "~470,000" where so much is found that it is estimated; empty where nothing is asked. */
const many = (group: Group, count: number | undefined) =>
  props.counts === null
    ? ''
    : `${props.counts.about.includes(group) && (count ?? 0) > 0 ? '~' : ''}${(count ?? 0).toLocaleString('en-GB')}`
const isChosen = <T,>(chosen: Chosen<T>, value: T) => chosen.any.includes(value) || chosen.without.includes(value)

/** Values that are found or chosen; all of them where nothing is asked. */
function shown<T extends string>(
  all: readonly T[],
  group: Exclude<Group, 'starred'>,
  chosen: Chosen<T>,
  text: (value: T) => string,
) {
  const counts = props.counts?.[group] as Readonly<Record<string, number>> | undefined
  return all
    .filter(value => counts === undefined || (counts[value] ?? 0) > 0 || isChosen(chosen, value))
    .map(value => ({ value, text: text(value), count: many(group, counts?.[value]) }))
}

// Where something is found, those chosen, and what lies above them.
const places = computed(() => {
  const counts = props.counts?.places ?? {}
  const { places: chosen } = props.facets
  const above = new Set<string>()
  for (const id of [...chosen.any, ...chosen.without])
    for (let at = plan.tree.byId.get(id as FolderId); at; at = plan.tree.byId.get(at.parentId as FolderId))
      above.add(at.id)
  const folders = outlineOf(plan.tree)
    .filter(
      ({ folder, depth }) =>
        above.has(folder.id) ||
        ((counts[folder.id] ?? 0) > 0 && (depth === 0 || (folder.parentId !== null && above.has(folder.parentId)))),
    )
    .slice(0, PLACES_SHOWN)
    .map(({ folder, depth }) => ({
      value: folder.id as FolderId | 'in-tray',
      depth,
      text: plan.placeOf(folder.id)?.text ?? '',
      count: many('places', counts[folder.id]),
    }))
  const tray =
    props.counts === null || (props.counts.filed.none ?? 0) > 0 || isChosen(chosen, 'in-tray')
      ? [{ value: 'in-tray' as const, depth: 0, text: 'In-tray', count: many('filed', props.counts?.filed.none) }]
      : []
  return [...folders, ...tray]
})
const types = computed(() => shown(TYPE_GROUP_NAMES, 'types', props.facets.types, type => TYPE_GROUPS[type].name))
const ways = computed(() => shown(ORIGINS, 'origins', props.facets.origins, originName))
const filed = computed(() => shown(FILED, 'filed', props.facets.filed, value => FILED_TEXTS[value]))
const sizes = computed(() => shown(SIZE_CLASS_NAMES, 'sizes', props.facets.sizes, value => SIZE_CLASSES[value].name))
const languages = computed(() =>
  shown([...LANGUAGES, 'none'] as const, 'languages', props.facets.languages, value =>
    value === 'none' ? 'not known' : LANGUAGE_NAMES[value],
  ),
)
const meanings = computed(() => [
  ...plan.meanings
    .filter(
      ({ id }) => props.counts === null || (props.counts.meanings[id] ?? 0) > 0 || isChosen(props.facets.meanings, id),
    )
    .map(({ id, name, ink }) => ({
      value: id as typeof id | 'none',
      text: name,
      count: many('meanings', props.counts?.meanings[id]),
      laid: ink as string | null,
    })),
  ...(props.counts === null || (props.counts.meanings.none ?? 0) > 0 || isChosen(props.facets.meanings, 'none')
    ? [{ value: 'none' as const, text: 'no colour', count: many('meanings', props.counts?.meanings.none), laid: null }]
    : []),
])

const allTags = ref(false)
const tags = computed(() => {
  const found = [...plan.tags].filter(
    ({ id }) => props.counts === null || (props.counts.tags[id] ?? 0) > 0 || isChosen(props.facets.tags, id),
  )
  const often = [...found]
    .sort((a, b) => (props.counts?.tags[b.id] ?? b.count) - (props.counts?.tags[a.id] ?? a.count))
    .slice(0, allTags.value ? undefined : FEW_TAGS)
  return {
    rows: found
      .filter(tag => often.includes(tag) || isChosen(props.facets.tags, tag.id))
      .map(({ id, name, count }) => ({
        value: id,
        text: name,
        count: props.counts === null ? String(count) : many('tags', props.counts.tags[id]),
      })),
    more: found.length - often.length,
  }
})
</script>

<template>
  <form class="filters" aria-label="Narrow the search" @submit.prevent>
    <FacetList
      head="Where"
      label="In this folder and below"
      :values="places"
      :chosen="facets.places"
      @choose="emit('choose', { places: $event })" />
    <FacetList
      head="Type"
      label="Type"
      :values="types"
      :chosen="facets.types"
      @choose="emit('choose', { types: $event })" />
    <FacetList
      head="Colour"
      label="Colour"
      :values="meanings"
      :chosen="facets.meanings"
      @choose="emit('choose', { meanings: $event })" />
    <SpanFacet :span="facets.span" :months="counts?.months ?? {}" @choose="emit('choose', { span: $event })" />
    <template v-if="plan.tags.length > 0">
      <h2 class="part-head">Tags</h2>
      <FacetList
        label="Tags, all of them"
        :values="tags.rows"
        :chosen="facets.tags"
        @choose="emit('choose', { tags: $event })" />
      <button v-if="tags.more > 0" type="button" class="place" @click="allTags = true">
        {{ tags.more }} more tags
      </button>
      <NuxtLink class="place" to="/tags"> Put tags right… </NuxtLink>
    </template>
    <h2 class="part-head">Star</h2>
    <ul class="star">
      <li>
        <label
          ><input
            type="checkbox"
            :checked="facets.starred === true"
            @change="emit('choose', { starred: facets.starred === true ? null : true })" />
          with a star</label
        ><span class="quiet">{{ many('starred', counts?.starred) }}</span>
      </li>
      <li>
        <label
          ><input
            type="checkbox"
            :checked="facets.starred === false"
            @change="emit('choose', { starred: facets.starred === false ? null : false })" />
          without a star</label
        >
      </li>
    </ul>
    <FacetList
      head="Filed"
      label="Filed"
      :values="filed"
      :chosen="facets.filed"
      @choose="emit('choose', { filed: $event })" />
    <FacetList
      head="Way in"
      label="Way in"
      :values="ways"
      :chosen="facets.origins"
      @choose="emit('choose', { origins: $event })" />
    <FacetList
      head="Size"
      label="Size"
      :values="sizes"
      :chosen="facets.sizes"
      @choose="emit('choose', { sizes: $event })" />
    <FacetList
      head="Language"
      label="Language"
      :values="languages"
      :chosen="facets.languages"
      @choose="emit('choose', { languages: $event })" />
  </form>
</template>

<style scoped>
.filters {
  padding: 4px 14px 20px;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
}
.part-head {
  margin-top: 14px;
}
.place {
  display: block;
  margin-top: 3px;
}
.star {
  list-style: none;
  padding: 0;
}
.star li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  height: 25px;
}
.star label {
  display: flex;
  align-items: center;
  gap: 8px;
}
.star input {
  accent-color: var(--act);
  width: 14px;
  height: 14px;
}
</style>
