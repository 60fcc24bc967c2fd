<script setup lang="ts">
// Rules in groups: all, any or none of them. Each says how many documents it finds alone; when the whole finds
// nothing, the one that empties it says so, and what dropping it would give.
import { mdiClose } from '@mdi/js'
import type { RuleCounts } from '../../../contract/find'
import type { LeafRule, Rule } from '../../../core/find/index'
import { addPart, FIELDS, isGroup, unwrapPart, withoutPart, withPart, wrapPart } from '../../../core/find/index'
import { foundNumber } from '../../stores/foundNumber'
import RuleRow from './RuleRow.vue'
import ChoiceField from '../base/ChoiceField.vue'

const props = withDefaults(
  defineProps<{
    /** The whole tree, a group at its top. */
    whole: Rule
    /** The part that is drawn here. */
    part?: Rule | null
    path?: string
    ruleCounts: RuleCounts | null
  }>(),
  { part: null, path: '' },
)
const emit = defineEmits<{ change: [rule: Rule | null] }>()

/** The rule that a new one begins as: about the name. */
const FIRST = FIELDS.find(({ key }) => key === 'name')
const KINDS = { all: 'all of these', any: 'any of these', none: 'none of these' } as const
type GroupKind = keyof typeof KINDS

const shown = () => props.part ?? props.whole
const rulesIn = (part: Rule) => (isGroup(part) ? part.rules : [part])
const KIND_CHOICES = [
  { value: 'all', text: KINDS.all },
  { value: 'any', text: KINDS.any },
  { value: 'none', text: KINDS.none },
] as const
const below = (index: number) => (props.path === '' ? String(index) : `${props.path}.${index}`)
const countText = (count: number | undefined) => (count === undefined ? '' : foundNumber(count))

/** What the whole would find without this part, where it finds nothing with it. */
const freed = (path: string) => (props.ruleCounts?.whole === 0 ? (props.ruleCounts.without[path] ?? 0) : 0)

const set = (path: string, rule: Rule) =>
  emit(
    'change',
    withPart(props.whole, path, () => rule),
  )
const drop = (path: string) => emit('change', withoutPart(props.whole, path))
const add = () => {
  const fresh = FIRST?.fresh()
  if (fresh) emit('change', addPart(props.whole, props.path, fresh))
}
const addGroup = () => {
  const fresh = FIRST?.fresh()
  if (fresh) emit('change', addPart(props.whole, props.path, { kind: 'any', rules: [fresh] }))
}

function kindOf(part: Rule): GroupKind {
  return isGroup(part) ? part.kind : 'all'
}

function setKind(kind: GroupKind): void {
  const part = shown()
  if (isGroup(part)) set(props.path, { kind, rules: part.rules })
}
</script>

<template>
  <fieldset class="group" :aria-label="`Rules: ${KINDS[kindOf(shown())]}`">
    <div class="head">
      <ChoiceField
        class="line-field"
        label="How the rules go together"
        :model-value="kindOf(shown())"
        :choices="KIND_CHOICES"
        @update:model-value="setKind" />
      <v-btn class="place" @click="add">Add a rule</v-btn>
      <v-btn class="place" @click="addGroup">Add a group</v-btn>
      <v-btn
        v-if="path !== ''"
        class="place"
        title="Its rules stay, without the group"
        @click="emit('change', unwrapPart(whole, path))">
        Unwrap
      </v-btn>
      <v-btn
        v-if="path !== ''"
        class="drop"
        aria-label="Drop this group with its rules"
        title="Drop this group with its rules"
        @click="drop(path)">
        <v-icon :icon="mdiClose" size="15" />
      </v-btn>
    </div>
    <ul>
      <li v-for="(rule, index) in rulesIn(shown())" :key="index">
        <RuleEditor
          v-if="isGroup(rule)"
          :whole="whole"
          :part="rule"
          :path="below(index)"
          :rule-counts="ruleCounts"
          @change="emit('change', $event)" />
        <div v-else class="line">
          <RuleRow :rule="rule" @change="(changed: LeafRule) => set(below(index), changed)" />
          <span class="quiet count" :title="'How many documents this rule finds alone'">{{
            countText(ruleCounts?.alone[below(index)])
          }}</span>
          <v-btn
            class="quiet wrap"
            title="Into a group of its own"
            @click="emit('change', wrapPart(whole, below(index), 'any'))">
            wrap
          </v-btn>
          <v-btn class="drop" aria-label="Drop this rule" title="Drop this rule" @click="drop(below(index))">
            <v-icon :icon="mdiClose" size="15" />
          </v-btn>
        </div>
        <p v-if="freed(below(index)) > 0" class="warn freed" role="status">
          This leaves nothing. Without it: {{ countText(freed(below(index))) }}.
          <v-btn class="place" @click="drop(below(index))">Drop it</v-btn>
        </p>
      </li>
    </ul>
  </fieldset>
</template>

<style scoped>
.group {
  border: 0;
  border-left: 2px solid var(--rule-strong);
  padding: 2px 0 2px 10px;
  margin: 6px 0 0;
  min-width: 0;
}
.head {
  display: flex;
  gap: 12px;
  align-items: center;
}
.head .line-field {
  width: auto;
  padding: 2px 6px;
  height: 26px;
  font-weight: 600;
}
ul {
  list-style: none;
  padding: 0;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
}
.count {
  min-width: 44px;
  text-align: right;
}
.wrap {
  font-size: 12px;
}
.wrap:hover {
  color: var(--act);
  text-decoration: underline;
}
.drop {
  color: var(--ink-3);
}
.drop:hover {
  color: var(--act);
}
.freed {
  padding-left: 4px;
}
</style>
