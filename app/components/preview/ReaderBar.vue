<script setup lang="ts">
// Over the open document: find inside, from hit to hit; larger and smaller; turned; to a page; the next of the list.
import ActKey from '../common/ActKey.vue'
import { mdiArrowDown, mdiArrowUp, mdiMinus, mdiPlus, mdiRotateRight } from '@mdi/js'
import { computed, ref } from 'vue'
import ChoiceField from '../base/ChoiceField.vue'
import LineField from '../base/LineField.vue'

const words = defineModel<string>('words', { required: true })
const zoom = defineModel<number>('zoom', { required: true })
const turn = defineModel<number>('turn', { required: true })
const props = defineProps<{
  hits: number
  at: number
  pages: number
  /** How many hits stand on each page. */
  hitPages: ReadonlyMap<number, number>
  canTurn: boolean
  /** Shown as pages or as it was read; null: there is no choice. */
  asPages: boolean | null
  before: boolean
  after: boolean
}>()
const emit = defineEmits<{ next: [by: 1 | -1]; page: [page: number]; beside: [by: 1 | -1]; asPages: [on: boolean] }>()

const STEP = 1.25
const hitsText = (hits: number | undefined) => (hits ? ` · ${hits} ${hits === 1 ? 'hit' : 'hits'}` : '')
const pageChoices = computed(() =>
  Array.from({ length: props.pages }, (_, index) => index + 1).map(page => ({
    value: page,
    text: `${page}${hitsText(props.hitPages.get(page))}`,
  })),
)
/** The page that was last gone to by its number. */
const to = ref(1)
const field = ref<InstanceType<typeof LineField> | null>(null)
const [LEAST, MOST] = [0.4, 4]
const scale = (by: number) => {
  zoom.value = Math.min(MOST, Math.max(LEAST, zoom.value * by))
}

function press(event: KeyboardEvent): void {
  if (event.key === 'Enter') emit('next', event.shiftKey ? -1 : 1)
  else if (event.key === 'Escape' && words.value !== '') words.value = ''
  else if (event.key === 'Escape') field.value?.blur()
  else return
  event.preventDefault()
  event.stopPropagation()
}
defineExpose({ scale, find: () => field.value?.focus() })
</script>

<template>
  <div class="reader-bar" role="toolbar" aria-label="Reader">
    <LineField
      ref="field"
      v-model="words"
      class="line-field"
      aria-label="Find inside"
      placeholder="Find inside…"
      autocomplete="off"
      @keydown="press" />
    <template v-if="words.trim() !== ''">
      <span class="quiet count" role="status">{{
        hits === 0 ? 'not here' : at === 0 ? (hits === 1 ? '1 hit' : `${hits} hits`) : `${at} of ${hits}`
      }}</span>
      <v-btn aria-label="Hit before" title="Shift+Enter" :disabled="hits === 0" @click="emit('next', -1)">
        <v-icon :icon="mdiArrowUp" size="16" />
      </v-btn>
      <v-btn aria-label="Next hit" title="Enter" :disabled="hits === 0" @click="emit('next', 1)">
        <v-icon :icon="mdiArrowDown" size="16" />
      </v-btn>
    </template>
    <span class="apart" />
    <label v-if="pages > 1" class="pages"
      >page
      <ChoiceField v-model="to" label="To a page" :choices="pageChoices" @update:model-value="emit('page', $event)" />
      of {{ pages }}
    </label>
    <v-btn aria-label="Smaller" title="−" @click="scale(1 / STEP)">
      <v-icon :icon="mdiMinus" size="16" />
    </v-btn>
    <v-btn class="percent" title="As wide as the page" @click="zoom = 1"> {{ Math.round(zoom * 100) }} % </v-btn>
    <v-btn aria-label="Larger" title="+" @click="scale(STEP)">
      <v-icon :icon="mdiPlus" size="16" />
    </v-btn>
    <v-btn
      v-if="asPages !== null"
      class="place"
      :title="asPages ? 'Show it as it was read' : 'Show it as it is printed'"
      @click="emit('asPages', !asPages)">
      {{ asPages ? 'As text' : 'As pages' }}
    </v-btn>
    <v-btn v-if="canTurn" aria-label="Turn by a quarter" title="T" @click="turn = (turn + 90) % 360">
      <v-icon :icon="mdiRotateRight" size="16" />
    </v-btn>
    <template v-if="before || after">
      <v-btn class="place" :disabled="!before" @click="emit('beside', -1)">
        Before <ActKey act="document-id.previous" />
      </v-btn>
      <v-btn class="place" :disabled="!after" @click="emit('beside', 1)">
        Next <ActKey act="document-id.next" />
      </v-btn>
    </template>
  </div>
</template>

<style scoped>
.reader-bar {
  display: flex;
  gap: 9px;
  align-items: center;
  position: sticky;
  top: 0;
  z-index: 5;
  background: var(--paper);
  border-bottom: 1px solid var(--rule-strong);
  padding: 6px 0;
}
.line-field {
  width: 210px;
  padding: 3px 8px;
}
.count {
  min-width: 62px;
}
.apart {
  flex: 1;
}
.percent {
  min-width: 44px;
  text-align: center;
  color: var(--ink-2);
}
.place {
  flex: none;
  white-space: nowrap;
}
button:hover:not(:disabled) {
  color: var(--act);
}
</style>
