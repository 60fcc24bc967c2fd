<script setup lang="ts">
// Tags as they are typed: those that exist are offered, also for a slip of the key; a word that is none yet
// becomes a new tag. What is done with them is the asker's affair.
import { newId } from '../../../contract/newId'
import { computed, ref } from 'vue'
import type { TagId } from '../../../core/ids'
import { foldedText, suggest } from '../../../core/text/index'
import type { SuggestedTag } from '../../composables/useTagSuggestions'
import { useTagList } from '../../stores/tagList'
import { useColourKey } from '../../stores/colourKey'
import LineField from '../base/LineField.vue'

export interface PickedTag {
  readonly id: TagId
  readonly name: string
}

const props = defineProps<{
  carried: readonly PickedTag[]
  /** Tags that only some of the things carry. */
  some?: readonly PickedTag[]
  /** Offered without typing. */
  suggested?: readonly SuggestedTag[]
  /** Each leads to all that carry it. */
  linked?: boolean
  /** Its field has the keys at once, in a dialog. */
  begins?: boolean
}>()
const emit = defineEmits<{ put: [tag: PickedTag]; take: [id: TagId] }>()

const tagList = useTagList()
const colourKey = useColourKey()
const typed = ref('')
const at = ref(0)
const isOpen = ref(false)
const field = ref<InstanceType<typeof LineField> | null>(null)
const MOST = 7

const shown = computed(() => [
  ...props.carried.map(tag => ({ ...tag, isPart: false })),
  ...(props.some ?? []).map(tag => ({ ...tag, isPart: true })),
])
const inkOf = (id: TagId) => colourKey.inkOf(tagList.tagById.get(id)?.meaningId ?? null) ?? undefined

interface Offer {
  readonly id: TagId | null
  readonly name: string
  readonly note: string
}
const offers = computed<readonly Offer[]>(() => {
  // A hidden one is not offered; who writes it out means it.
  const written = foldedText(typed.value)
  const free = tagList.tags.filter(
    tag => !props.carried.some(({ id }) => id === tag.id) && (!tag.hidden || tag.folded === written),
  )
  const found = suggest(free, typed.value, MOST).map(({ item, isNear }): Offer => ({
    id: item.id,
    name: item.name,
    note: isNear ? 'did you mean this?' : String(item.count),
  }))
  const name = typed.value.trim()
  const folded = foldedText(name)
  const isKnown =
    folded === '' ||
    [...tagList.tags, ...props.carried.map(tag => ({ folded: foldedText(tag.name) }))].some(
      tag => tag.folded === folded,
    )
  return isKnown ? found : [...found, { id: null, name, note: 'new tag' }]
})

function put(offer: Offer | undefined): void {
  if (!offer) return
  typed.value = ''
  at.value = 0
  emit('put', { id: offer.id ?? newId<TagId>(), name: offer.name })
}

function close(): void {
  isOpen.value = false
  typed.value = ''
}

function offerAgain(): void {
  at.value = 0
  isOpen.value = true
}

function press(event: KeyboardEvent): void {
  if (event.key === 'Enter' && (event.ctrlKey || event.metaKey || offers.value.length === 0)) return
  event.stopPropagation()
  if (event.key === 'ArrowDown') at.value = Math.min(offers.value.length - 1, at.value + 1)
  else if (event.key === 'ArrowUp') at.value = Math.max(0, at.value - 1)
  else if ((event.key === ',' && typed.value.trim() !== '') || event.key === 'Enter') put(offers.value[at.value])
  else if (event.key === 'Escape') {
    typed.value = ''
    isOpen.value = false
    field.value?.blur()
  } else return
  event.preventDefault()
}

defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <div class="tags">
    <span
      v-for="tag in shown"
      :key="tag.id"
      class="tag"
      :class="{ part: tag.isPart }"
      :style="{ borderColor: inkOf(tag.id) }"
      :title="tag.isPart ? 'on some of them' : undefined">
      <NuxtLink
        v-if="linked"
        :to="{ path: '/find', query: { tags: tag.id } }"
        :title="`All that carry “${tag.name}”`"
        >{{ tag.name }}</NuxtLink><template v-else>{{ tag.name }}</template
      ><v-btn :aria-label="`Take the tag ${tag.name} off`" @click="emit('take', tag.id)">×</v-btn>
    </span>
    <v-btn
      v-for="tag in suggested ?? []"
      :key="tag.id"
      class="suggested"
      :title="tag.reason"
      :aria-label="`Put on the tag ${tag.name}, ${tag.reason}`"
      @click="emit('put', tag)">
      + {{ tag.name }}
    </v-btn>
    <span class="add">
      <LineField
        ref="field"
        v-model="typed"
        :data-begins="begins || undefined"
        class="field"
        placeholder="add…"
        aria-label="Add a tag"
        autocomplete="off"
        role="combobox"
        aria-autocomplete="list"
        :aria-expanded="isOpen && offers.length > 0"
        @focus="isOpen = true"
        @blur="close"
        @input="offerAgain"
        @keydown="press" />
      <span v-if="isOpen && offers.length > 0" class="offers" role="listbox" aria-label="Tags">
        <span
          v-for="(offer, index) in offers"
          :key="offer.id ?? 'new'"
          role="option"
          class="offer"
          :class="{ at: index === at }"
          :aria-selected="index === at"
          @mousedown.prevent="put(offer)"
          @mousemove="at = index">
          <span class="cut">{{ offer.name }}</span><span class="quiet">{{ offer.note }}</span>
        </span>
      </span>
    </span>
  </div>
</template>

<style scoped>
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 9px;
  align-items: baseline;
}
.tag {
  border-bottom: 2px solid var(--rule-strong);
  line-height: 17px;
  color: var(--ink-2);
  overflow-wrap: anywhere;
}
.tag.part {
  border-bottom-style: dashed;
}
.tag button {
  color: var(--ink-3);
  padding: 0 2px;
}
.tag button:hover {
  color: var(--act);
}
.suggested {
  color: var(--ink-3);
  border-bottom: 1px dashed var(--rule-strong);
  line-height: 17px;
}
.suggested:hover,
.suggested:focus-visible {
  color: var(--act);
  border-color: var(--act);
}
.add {
  position: relative;
  flex: 1;
  min-width: 60px;
}
.field {
  border: 0;
  border-bottom: 1px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  width: 100%;
  padding: 0 1px;
}
.field:focus {
  outline: none;
  border-color: var(--act);
}
.field::placeholder {
  color: var(--ink-3);
  opacity: 1;
}
.offers {
  position: absolute;
  top: 100%;
  right: 0;
  min-width: 190px;
  max-width: 240px;
  z-index: 25;
  background: var(--sheet);
  border: 1px solid var(--ink);
  display: block;
  padding: 3px 0;
}
.offer {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 3px 9px;
  cursor: default;
}
.offer.at {
  background: var(--act-soft);
}
</style>
