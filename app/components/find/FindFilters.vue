<script setup lang="ts">
// What narrows a search: place, type, when it changed, star.
import { computed, ref } from 'vue'
import type { TypeGroup } from '../../../core/find/index'
import { TYPE_GROUP_NAMES, TYPE_GROUPS } from '../../../core/find/index'
import { outlineOf } from '../../../core/tree/index'
import { usePlan } from '../../stores/plan'
import type { ChangedChoice, FindChoices } from '../../composables/findChoices'
import { CHANGED_CHOICES } from '../../composables/findChoices'

const props = defineProps<{ choices: FindChoices }>()
const emit = defineEmits<{ choose: [choices: Partial<FindChoices>] }>()

const plan = usePlan()
const places = computed(() => outlineOf(plan.tree).map(({ folder, depth }) => ({ value: folder.id as string, title: `${'\u2003'.repeat(depth)}${plan.placeOf(folder.id)?.text ?? ''}` })))

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
    <select class="line-field" aria-label="In this folder and below" :value="choices.place" @change="emit('choose', { place: ($event.target as HTMLSelectElement).value })">
      <option value="">
        everywhere
      </option>
      <option value="in-tray">
        In-tray
      </option>
      <option v-for="place in places" :key="place.value" :value="place.value">
        {{ place.title }}
      </option>
    </select>
    <p class="quiet note">
      a folder means it and everything below
    </p>
    <h2 class="part-head">
      Type
    </h2>
    <label v-for="type in TYPE_GROUP_NAMES" :key="type"><input type="checkbox" :checked="choices.types.includes(type)" @change="toggle(type)"> {{ TYPE_GROUPS[type].name }}</label>
    <h2 class="part-head">
      Changed
    </h2>
    <label v-for="(choice, key) in CHANGED_CHOICES" :key="key"><input type="radio" name="changed" :checked="choices.changed === key" @change="emit('choose', { changed: key as ChangedChoice })"> {{ choice.name }}</label>
    <div v-if="choices.changed === 'between'" class="between">
      <input class="line-field" type="date" aria-label="From this day" :value="choices.from" @change="emit('choose', { from: ($event.target as HTMLInputElement).value })">
      <input class="line-field" type="date" aria-label="Up to this day" :value="choices.to" @change="emit('choose', { to: ($event.target as HTMLInputElement).value })">
    </div>
    <template v-if="plan.tags.length > 0">
      <h2 class="part-head">
        Tags
      </h2>
      <label v-for="tag in shownTags" :key="tag.id"><input type="checkbox" :checked="choices.tags.includes(tag.id)" @change="toggleTag(tag.id)"> <span class="cut">{{ tag.name }}</span> <span class="quiet">{{ tag.count }}</span></label>
      <button v-if="plan.tags.length > shownTags.length" type="button" class="place" @click="allTags = true">
        all {{ plan.tags.length }} tags
      </button>
    </template>
    <h2 class="part-head">
      Star
    </h2>
    <label><input type="checkbox" :checked="choices.starred" @change="emit('choose', { starred: !choices.starred })"> with a star</label>
  </form>
</template>

<style scoped>
.filters { padding: 4px 14px 20px; overflow-y: auto; flex: 1; min-height: 0; }
.part-head { margin-top: 14px; }
label { display: flex; align-items: center; gap: 8px; height: 25px; }
input[type='checkbox'], input[type='radio'] { accent-color: var(--act); width: 14px; height: 14px; }
.note { font-size: 12px; margin-top: 3px; }
.between { display: grid; gap: 5px; margin-top: 4px; }
</style>
