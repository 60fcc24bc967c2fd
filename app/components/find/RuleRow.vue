<script setup lang="ts">
// One rule: what it is about, how it compares, with what. Everything is pointed at or typed in its own field.
import { addDays, format, parseISO } from 'date-fns'
import { computed } from 'vue'
import type { LeafRule, TextOp, TimeUnit, TypeGroup } from '../../../core/find/index'
import {
  EMPTY_FIELDS,
  FILED,
  LANGUAGE_NAMES,
  READING_KINDS,
  TEXT_OPS,
  TIME_UNITS,
  TYPE_GROUP_NAMES,
  TYPE_GROUPS,
} from '../../../core/find/index'
import type { FolderId, MeaningId, TagId } from '../../../core/ids'
import { ORIGINS } from '../../../core/rows/index'
import { LANGUAGES, wordsOf } from '../../../core/text/index'
import { outlineOf } from '../../../core/tree/index'
import { originName } from '../../stores/origin'
import { usePlan } from '../../stores/plan'
import { fieldOf, RULE_FIELDS } from '../../composables/ruleFields'

const props = defineProps<{ rule: LeafRule }>()
const emit = defineEmits<{ change: [rule: LeafRule] }>()

const plan = usePlan()
const OPS: Record<TextOp, string> = { contains: 'contains', is: 'is exactly', starts: 'begins with', ends: 'ends with' }
const EMPTY_TEXTS = {
  remark: 'the remark',
  sender: 'the sender',
  number: 'the number',
  tags: 'the tags',
  language: 'the language (not known)',
  opened: '“opened” (never)',
  dated: '“dated” (no date)',
} as const
const READING_TEXTS = {
  read: 'was read',
  wordless: 'holds no words',
  waiting: 'waits to be read',
  failed: 'cannot be read',
  none: 'is of a type never read',
} as const
const FILED_TEXTS = { none: 'nowhere yet', one: 'in one folder', several: 'in several folders' } as const
const UNITS = { KB: 1000, MB: 1_000_000, GB: 1_000_000_000 } as const

const folders = computed(() =>
  outlineOf(plan.tree).map(({ folder, depth }) => ({
    id: folder.id as string,
    text: `${'\u2003'.repeat(depth)}${plan.placeOf(folder.id)?.text ?? ''}`,
  })),
)

interface Choice {
  readonly value: string
  readonly text: string
}
/** For rules that hold any of some values: all values, and how the rule is made of those chosen. */
const choices = computed<{
  all: readonly Choice[]
  chosen: readonly string[]
  make: (chosen: readonly string[]) => LeafRule
} | null>(() => {
  const { rule } = props
  switch (rule.kind) {
    case 'type':
      return {
        all: TYPE_GROUP_NAMES.map(value => ({ value, text: TYPE_GROUPS[value].name })),
        chosen: rule.anyOf,
        make: anyOf => ({ kind: 'type', anyOf: anyOf as TypeGroup[] }),
      }
    case 'tag':
      return {
        all: plan.tags.map(({ id, name }) => ({ value: id, text: name })),
        chosen: rule.anyOf,
        make: anyOf => ({ kind: 'tag', anyOf: anyOf as TagId[] }),
      }
    case 'meaning':
      return {
        all: [
          ...plan.meanings.map(({ id, name }) => ({ value: id as string, text: name })),
          { value: '', text: 'no colour' },
        ],
        chosen: rule.anyOf.map(id => id ?? ''),
        make: anyOf => ({ kind: 'meaning', anyOf: anyOf.map(id => (id === '' ? null : (id as MeaningId))) }),
      }
    case 'origin':
      return {
        all: ORIGINS.map(value => ({ value, text: originName(value) })),
        chosen: rule.anyOf,
        make: anyOf => ({ kind: 'origin', anyOf: ORIGINS.filter(way => anyOf.includes(way)) }),
      }
    case 'filed':
      return {
        all: FILED.map(value => ({ value, text: FILED_TEXTS[value] })),
        chosen: rule.anyOf,
        make: anyOf => ({ kind: 'filed', anyOf: FILED.filter(way => anyOf.includes(way)) }),
      }
    case 'language':
      return {
        all: LANGUAGES.map(value => ({ value, text: LANGUAGE_NAMES[value] })),
        chosen: rule.anyOf,
        make: anyOf => ({ kind: 'language', anyOf: LANGUAGES.filter(way => anyOf.includes(way)) }),
      }
    case 'reading':
      return {
        all: READING_KINDS.map(value => ({ value, text: READING_TEXTS[value] })),
        chosen: rule.anyOf,
        make: anyOf => ({ kind: 'reading', anyOf: READING_KINDS.filter(way => anyOf.includes(way)) }),
      }
    default:
      return null
  }
})
const chosenText = computed(
  () =>
    choices.value?.all
      .filter(({ value }) => choices.value?.chosen.includes(value))
      .map(({ text }) => text)
      .join(' or ') || 'choose…',
)

function flip(value: string): void {
  const { value: now } = choices
  if (now)
    emit(
      'change',
      now.make(now.chosen.includes(value) ? now.chosen.filter(other => other !== value) : [...now.chosen, value]),
    )
}

function pickField(key: string): void {
  const field = RULE_FIELDS.find(one => one.key === key)
  if (field && !field.is(props.rule)) emit('change', field.fresh())
}

// Times: in the last so many, or between two days.
const timeOp = computed(() =>
  props.rule.kind === 'recent'
    ? 'recent'
    : props.rule.kind === 'time'
      ? props.rule.from === null
        ? 'before'
        : props.rule.before === null
          ? 'since'
          : 'between'
      : '',
)
const dayOf = (iso: string | null, less = 0) =>
  iso === null ? '' : format(addDays(parseISO(iso), -less), 'yyyy-MM-dd')
const isoOf = (day: string, more = 0) => (day === '' ? null : addDays(new Date(`${day}T00:00:00`), more).toISOString())

function pickTimeOp(op: string): void {
  if (props.rule.kind !== 'time' && props.rule.kind !== 'recent') return
  const { field } = props.rule
  const today = format(new Date(), 'yyyy-MM-dd')
  const [from, before] = props.rule.kind === 'time' ? [props.rule.from, props.rule.before] : [null, null]
  if (op === 'recent') emit('change', { kind: 'recent', field, count: 7, unit: 'day' })
  else
    emit('change', {
      kind: 'time',
      field,
      from: op === 'before' ? null : (from ?? isoOf(today)),
      before: op === 'since' ? null : (before ?? isoOf(today, op === 'between' ? 1 : 0)),
    })
}

// Sizes in the unit that fits.
const sizeUnit = computed(() => {
  const most = props.rule.kind === 'size' ? Math.max(props.rule.from ?? 0, props.rule.before ?? 0) : 0
  return most >= UNITS.GB ? 'GB' : most >= UNITS.MB ? 'MB' : 'KB'
})
function setSize(side: 'from' | 'before', text: string, unit: keyof typeof UNITS): void {
  const bytes = text === '' ? null : Math.max(0, Math.round(Number(text) * UNITS[unit]))
  if (props.rule.kind === 'size') emit('change', { ...props.rule, [side]: bytes })
}

/** The same number in another unit. */
function setSizeUnit(unit: keyof typeof UNITS): void {
  if (props.rule.kind !== 'size') return
  const times = UNITS[unit] / UNITS[sizeUnit.value]
  const scaled = (bytes: number | null) => (bytes === null ? null : Math.round(bytes * times))
  emit('change', { ...props.rule, from: scaled(props.rule.from), before: scaled(props.rule.before) })
}

// Words: as a phrase, or one word in any form.
function setWords(text: string): void {
  const words = wordsOf(text).map(word => word.text)
  const [first] = words
  emit(
    'change',
    props.rule.kind === 'word' && first !== undefined
      ? { kind: 'word', text: first, prefix: false }
      : { kind: 'phrase', words },
  )
}

function setWordKind(kind: string): void {
  const words = props.rule.kind === 'word' ? [props.rule.text] : props.rule.kind === 'phrase' ? props.rule.words : []
  const [first] = words
  emit(
    'change',
    kind === 'word' && first !== undefined ? { kind: 'word', text: first, prefix: false } : { kind: 'phrase', words },
  )
}
</script>

<template>
  <div class="rule-row">
    <select
      class="line-field"
      aria-label="What the rule is about"
      :value="fieldOf(rule)?.key"
      @change="pickField(($event.target as HTMLSelectElement).value)">
      <option v-for="field in RULE_FIELDS" :key="field.key" :value="field.key">
        {{ field.name }}
      </option>
    </select>
    <template v-if="rule.kind === 'text'">
      <select
        class="line-field"
        aria-label="How it compares"
        :value="rule.op"
        @change="emit('change', { ...rule, op: ($event.target as HTMLSelectElement).value as TextOp })">
        <option v-for="op in TEXT_OPS" :key="op" :value="op">
          {{ OPS[op] }}
        </option>
      </select>
      <input
        class="line-field wide"
        :value="rule.value"
        aria-label="Text"
        placeholder="text"
        @change="emit('change', { ...rule, value: ($event.target as HTMLInputElement).value })" />
    </template>
    <template v-else-if="rule.kind === 'phrase' || rule.kind === 'word'">
      <select
        class="line-field"
        aria-label="How it compares"
        :value="rule.kind"
        @change="setWordKind(($event.target as HTMLSelectElement).value)">
        <option value="phrase">stand next to each other</option>
        <option value="word">one word, any form of it</option>
      </select>
      <input
        class="line-field wide"
        :value="rule.kind === 'phrase' ? rule.words.join(' ') : rule.text"
        aria-label="Words"
        placeholder="words"
        @change="setWords(($event.target as HTMLInputElement).value)" />
    </template>
    <template v-else-if="rule.kind === 'time' || rule.kind === 'recent'">
      <select
        class="line-field"
        aria-label="How it compares"
        :value="timeOp"
        @change="pickTimeOp(($event.target as HTMLSelectElement).value)">
        <option value="recent">in the last</option>
        <option value="since">on or after</option>
        <option value="before">before</option>
        <option value="between">between</option>
      </select>
      <template v-if="rule.kind === 'recent'">
        <input
          class="line-field short"
          type="number"
          min="1"
          max="9999"
          :value="rule.count"
          aria-label="How many"
          @change="
            emit('change', {
              ...rule,
              count: Math.max(1, Math.min(9999, Math.trunc(Number(($event.target as HTMLInputElement).value)) || 1)),
            })
          " />
        <select
          class="line-field"
          aria-label="Unit"
          :value="rule.unit"
          @change="emit('change', { ...rule, unit: ($event.target as HTMLSelectElement).value as TimeUnit })">
          <option v-for="unit in TIME_UNITS" :key="unit" :value="unit">
            {{ rule.count === 1 ? unit : `${unit}s` }}
          </option>
        </select>
      </template>
      <template v-else>
        <input
          v-if="rule.from !== null"
          class="line-field"
          type="date"
          :value="dayOf(rule.from)"
          aria-label="From this day"
          @change="emit('change', { ...rule, from: isoOf(($event.target as HTMLInputElement).value) ?? rule.from })" />
        <span v-if="rule.from !== null && rule.before !== null">and</span>
        <input
          v-if="rule.before !== null"
          class="line-field"
          type="date"
          :value="dayOf(rule.before, rule.from === null ? 0 : 1)"
          aria-label="Up to this day"
          @change="
            emit('change', {
              ...rule,
              before: isoOf(($event.target as HTMLInputElement).value, rule.from === null ? 0 : 1) ?? rule.before,
            })
          " />
      </template>
    </template>
    <template v-else-if="rule.kind === 'size'">
      <span>at least</span>
      <input
        class="line-field short"
        type="number"
        min="0"
        :value="rule.from === null ? '' : rule.from / UNITS[sizeUnit]"
        aria-label="At least"
        @change="setSize('from', ($event.target as HTMLInputElement).value, sizeUnit)" />
      <span>and less than</span>
      <input
        class="line-field short"
        type="number"
        min="0"
        :value="rule.before === null ? '' : rule.before / UNITS[sizeUnit]"
        aria-label="Less than"
        @change="setSize('before', ($event.target as HTMLInputElement).value, sizeUnit)" />
      <select
        class="line-field"
        aria-label="Unit"
        :value="sizeUnit"
        @change="setSizeUnit(($event.target as HTMLSelectElement).value as keyof typeof UNITS)">
        <option v-for="(_, unit) in UNITS" :key="unit">
          {{ unit }}
        </option>
      </select>
    </template>
    <template v-else-if="rule.kind === 'place'">
      <select
        class="line-field wide"
        aria-label="Place"
        :value="rule.folderId ?? ''"
        @change="
          emit('change', { ...rule, folderId: (($event.target as HTMLSelectElement).value || null) as FolderId | null })
        ">
        <option value="">the In-tray</option>
        <option v-for="folder in folders" :key="folder.id" :value="folder.id">
          {{ folder.text }}
        </option>
      </select>
      <label v-if="rule.folderId !== null"
        ><input type="checkbox" :checked="rule.below" @change="emit('change', { ...rule, below: !rule.below })" /> and
        below</label
      >
    </template>
    <select
      v-else-if="rule.kind === 'star'"
      class="line-field"
      aria-label="Star"
      :value="rule.on ? 'on' : 'off'"
      @change="emit('change', { kind: 'star', on: ($event.target as HTMLSelectElement).value === 'on' })">
      <option value="on">is given</option>
      <option value="off">is not given</option>
    </select>
    <select
      v-else-if="rule.kind === 'empty'"
      class="line-field"
      aria-label="What is empty"
      :value="rule.field"
      @change="
        emit('change', { kind: 'empty', field: ($event.target as HTMLSelectElement).value as typeof rule.field })
      ">
      <option v-for="field in EMPTY_FIELDS" :key="field" :value="field">
        {{ EMPTY_TEXTS[field] }}
      </option>
    </select>
    <span v-else-if="rule.kind === 'twin'" class="second">as another document</span>
    <v-menu v-if="choices" :close-on-content-click="false">
      <template #activator="{ props: menu }">
        <button v-bind="menu" type="button" class="line-field wide chosen cut" :title="chosenText">
          {{ chosenText }}
        </button>
      </template>
      <ul class="choices" aria-label="Any of these">
        <li v-for="{ value, text } in choices.all" :key="value">
          <label
            ><input type="checkbox" :checked="choices.chosen.includes(value)" @change="flip(value)" /> {{ text }}</label
          >
        </li>
        <li v-if="choices.all.length === 0" class="quiet">There is none yet.</li>
      </ul>
    </v-menu>
  </div>
</template>

<style scoped>
.rule-row {
  display: flex;
  gap: 6px;
  align-items: center;
  flex: 1;
  min-width: 0;
  flex-wrap: wrap;
}
.line-field {
  width: auto;
  padding: 2px 6px;
  height: 26px;
  font-size: 13px;
  max-width: 100%;
}
.wide {
  flex: 1;
  min-width: 120px;
  max-width: 340px;
}
.short {
  width: 84px;
}
.chosen {
  text-align: left;
}
.choices {
  list-style: none;
  padding: 6px 12px;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  max-height: 320px;
  overflow-y: auto;
}
.choices label,
.rule-row > label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 25px;
}
input[type='checkbox'] {
  accent-color: var(--act);
}
</style>
