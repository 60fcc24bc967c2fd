<script setup lang="ts">
// The colour key in one place: what each colour means, how it looks, how well it is told apart.
import { mdiArrowDown, mdiArrowUp } from '@mdi/js'
import { newId } from '../../../contract/newId'
import { computed, ref, watch } from 'vue'
import type { Meaning } from '../../../contract/plan'
import { counted } from '../../../core/change/index'
import { confusables, freshInk, INKS, standsOut } from '../../../core/colour/index'
import type { MeaningId } from '../../../core/ids'
import type { Pattern } from '../../../core/rows/index'
import { PATTERNS } from '../../../core/rows/index'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { useColourKey } from '../../stores/colourKey'
import MeaningMark from '../common/MeaningMark.vue'
import PaperDialog from '../common/PaperDialog.vue'
import ChoiceField from '../base/ChoiceField.vue'
import InkField from '../base/InkField.vue'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'

defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()

const [plan, acts] = [usePlan(), useActs()]
const colourKey = useColourKey()
const dropping = ref<MeaningId | null>(null)
const replaceBy = ref<MeaningId | ''>('')
const refused = ref('')
const list = ref<HTMLElement | null>(null)

const PATTERN_WORDS: Record<Pattern, string> = { full: 'full', dashes: 'dashes', dots: 'dots', slant: 'slanted' }
const VISION_WORDS = {
  protanopia: 'without red cones',
  deuteranopia: 'without green cones',
  tritanopia: 'without blue cones',
}
const carried = computed(() => {
  const counts = new Map<string, number>()
  for (const folder of plan.tree.byId.values())
    if (folder.meaningId) counts.set(folder.meaningId, (counts.get(folder.meaningId) ?? 0) + 1)
  return counts
})
const nameOf = (id: string) => colourKey.meaningById.get(id as MeaningId)?.name ?? ''
const advice = computed(() => [
  ...confusables(colourKey.meanings).map(({ a, b, vision, better }) => ({
    id: `${a}${b}`,
    text: `“${nameOf(a)}” and “${nameOf(b)}” look alike${vision ? ` to eyes ${VISION_WORDS[vision]}` : ''}.`,
    better,
    target: b,
  })),
  ...colourKey.meanings
    .filter(meaning => !standsOut(meaning.ink).enough)
    .map(meaning => ({
      id: meaning.id as string,
      text:
        `“${meaning.name}” is pale on paper (${standsOut(meaning.ink).ratio.toFixed(1)} to 1; ` +
        '3 to 1 is easily seen). Its word stands beside it.',
      better: null,
      target: '',
    })),
])

async function run(command: Parameters<typeof acts.act>[0]): Promise<void> {
  refused.value = ''
  const outcome = await acts.act(command, { quiet: true })
  if (!outcome.ok && outcome.reason.code !== 'act.nothing') refused.value = outcome.reason.message
}

function set(meaning: Meaning, patch: Partial<Meaning>): void {
  const { id, name, ink, closed, pattern } = { ...meaning, ...patch }
  void run({ kind: 'meaning.set', id, name, ink, closed, pattern })
}

/** The new one is named at once: its field has the keys, and what stands there is typed over. */
const named = ref<MeaningId | null>(null)
async function add(): Promise<void> {
  named.value = newId<MeaningId>()
  const ink = freshInk(colourKey.meanings.map(meaning => meaning.ink))
  await run({ kind: 'meaning.set', id: named.value, name: 'New colour', ink, closed: false })
}
watch(
  () => colourKey.meanings,
  () => {
    const field = list.value?.querySelector<HTMLInputElement>(`[data-meaning="${named.value}"] input`)
    if (!field) return
    field.select()
    named.value = null
  },
  { flush: 'post' },
)

function move(index: number, by: 1 | -1): void {
  const meaning = colourKey.meanings[index]
  const before = colourKey.meanings[by === -1 ? index - 1 : index + 2]
  if (meaning) void run({ kind: 'meaning.place', id: meaning.id, before: before?.id ?? null })
}

async function drop(): Promise<void> {
  if (!dropping.value) return
  await run({ kind: 'meaning.drop', id: dropping.value, replaceBy: replaceBy.value || null })
  dropping.value = null
  replaceBy.value = ''
}

function improve(target: string, ink: string): void {
  const meaning = colourKey.meaningById.get(target as MeaningId)
  if (meaning) set(meaning, { ink })
}
</script>

<template>
  <PaperDialog :open="open" :width="760" label="Colour key" help="colour" title="Colour key" @leave="emit('close')">
    <p class="second">What a colour means. A change here is seen everywhere at once.</p>
    <ul ref="list">
      <li v-for="(meaning, index) in colourKey.meanings" :key="meaning.id" :data-meaning="meaning.id">
        <MeaningMark :ink="meaning.ink" :pattern="meaning.pattern" />
        <LineField
          class="line-field"
          :model-value="meaning.name"
          aria-label="Name of the colour"
          @change="set(meaning, { name: $event })" />
        <InkField
          class="ink"
          :ink="meaning.ink"
          :label="`Colour of ${meaning.name}`"
          list="published-inks"
          @change="set(meaning, { ink: $event })" />
        <ChoiceField
          class="line-field"
          :label="`Pattern of ${meaning.name}`"
          :model-value="meaning.pattern"
          :choices="PATTERNS.map(pattern => ({ value: pattern, text: PATTERN_WORDS[pattern] }))"
          @update:model-value="set(meaning, { pattern: $event })" />
        <TickBox :model-value="meaning.closed" @update:model-value="set(meaning, { closed: $event })">closed</TickBox>
        <span class="quiet">{{ counted(carried.get(meaning.id) ?? 0, 'folder') }}</span>
        <span class="steps">
          <v-btn class="act" :disabled="index === 0" :aria-label="`${meaning.name} up`" @click="move(index, -1)">
            <v-icon :icon="mdiArrowUp" size="15" />
          </v-btn>
          <v-btn
            class="act"
            :disabled="index === colourKey.meanings.length - 1"
            :aria-label="`${meaning.name} down`"
            @click="move(index, 1)">
            <v-icon :icon="mdiArrowDown" size="15" />
          </v-btn>
        </span>
        <v-btn class="act" :aria-label="`Take ${meaning.name} out`" @click="dropping = meaning.id"> Take out… </v-btn>
      </li>
    </ul>
    <datalist id="published-inks">
      <option v-for="ink in INKS" :key="ink" :value="ink" />
    </datalist>
    <p v-if="dropping" class="drop" role="group" aria-label="What its folders get">
      What carries “{{ nameOf(dropping) }}” ({{ counted(carried.get(dropping) ?? 0, 'folder') }}) gets
      <ChoiceField
        v-model="replaceBy"
        class="line-field"
        label="What its folders get"
        :choices="[
          { value: '', text: 'the colour of its parent' },
          ...colourKey.meanings
            .filter(one => one.id !== dropping)
            .map(meaning => ({ value: meaning.id, text: meaning.name })),
        ]" />
      <v-btn class="act main" @click="drop">
        {{ replaceBy ? 'Make them one' : 'Take it out' }}
      </v-btn>
      <v-btn class="act" @click="dropping = null">Leave it</v-btn>
    </p>
    <ul v-if="advice.length > 0" class="advice">
      <li v-for="one in advice" :key="one.id">
        {{ one.text }}
        <v-btn v-if="one.better" class="place" @click="improve(one.target, one.better)">
          Take <MeaningMark :ink="one.better" /> for “{{ nameOf(one.target) }}”
        </v-btn>
      </li>
    </ul>
    <p v-if="refused" class="warn" role="alert">
      {{ refused }}
    </p>
    <template #acts>
      <v-btn class="act main" @click="add">Add a colour</v-btn>
      <v-btn class="act" @click="emit('close')">Close <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 8px 0;
}
li {
  display: grid;
  grid-template-columns: 14px minmax(0, 1fr) 40px 92px 74px 76px 56px 84px;
  gap: 9px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px solid var(--rule);
}
.advice li {
  display: block;
  border: 0;
  color: var(--ink-2);
}
.ink {
  width: 38px;
  height: 25px;
  padding: 0;
  border: 1px solid var(--rule-strong);
  background: none;
}
.steps {
  display: flex;
}
.steps .act {
  padding: 3px 4px;
}
.drop {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
  border: 1px solid var(--warn);
  padding: 8px 10px;
}
.drop .choice-field {
  width: 200px;
}
</style>
