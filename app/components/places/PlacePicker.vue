<script setup lang="ts">
// Where to? The outline, narrowed by typing a code or any part of a name; before anything is typed, what is
// suggested and where something went lately come first. A folder that is missing is made right here.
import { newId } from '../../../contract/newId'
import { computed, nextTick, ref, watch } from 'vue'
import { quoted } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useView } from '../../stores/view'
import LineField from '../base/LineField.vue'
import { usePickerPosition } from './pickerPosition'
import type { PickerProps, Target } from './pickerTargets'
import { usePickerTargets } from './pickerTargets'
import TargetRow from './TargetRow.vue'

const props = defineProps<
  PickerProps & {
    /** Several can be picked, the first being the home. */
    several: boolean
    /** The place to begin with: the first for which this is false. */
    lies: (id: FolderId | null) => boolean
  }
>()
const emit = defineEmits<{ pick: [ids: (FolderId | null)[]] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const acts = useActs()
const view = useView()
const typed = ref('')
const chosen = ref<(FolderId | null)[]>([])
const hint = ref('')
const list = ref<HTMLElement | null>(null)

const targets = usePickerTargets(props, () => typed.value)
const { at, choose } = usePickerPosition(props, typed, targets)
const target = computed(() => targets.value[at.value])
watch(typed, () => (hint.value = ''))

function step(by: number): void {
  choose(at.value + by)
  void nextTick(() => list.value?.querySelector('.at')?.scrollIntoView({ block: 'nearest' }))
}

/** The folder meant by a row, made where it is missing; undefined where it cannot be. */
async function resolveTarget(picked: Target | undefined): Promise<FolderId | null | undefined> {
  if (!picked) return undefined
  if (picked.not) {
    hint.value = `Not possible: it ${picked.not}.`
    return undefined
  }
  if (picked.makes === undefined) return picked.id
  const id = newId<FolderId>()
  const outcome = await acts.act(
    { kind: 'folder.create', id, parentId: picked.id, name: picked.makes, allowTwin: false },
    { quiet: true },
  )
  if (outcome.ok) {
    await plan.load()
    return id
  }
  hint.value = outcome.reason.message
  return undefined
}

/** One more place, without going yet. */
async function add(picked = target.value): Promise<void> {
  const id = await resolveTarget(picked)
  if (id === undefined) return
  chosen.value = chosen.value.includes(id) ? chosen.value.filter(other => other !== id) : [...chosen.value, id]
  typed.value = ''
}

async function go(): Promise<void> {
  if (chosen.value.length > 0 && (typed.value.trim() === '' || !target.value)) return finish(chosen.value)
  const id = await resolveTarget(target.value)
  if (id !== undefined) finish(chosen.value.includes(id) ? chosen.value : [...chosen.value, id])
}

function goTo(index: number): void {
  choose(index)
  void go()
}

function finish(ids: readonly (FolderId | null)[]): void {
  view.wentTo(ids.filter(id => id !== null))
  emit('pick', [...ids])
}

const label = (id: FolderId | null) => (id === null ? (props.top?.label ?? '') : (placeNames.placeOf(id)?.text ?? ''))
/** Enter would make the folder first. */
const makes = computed(() => target.value?.makes !== undefined)
/** What Enter would go to, in words. */
const goal = computed(() =>
  chosen.value.length > 0 && typed.value.trim() === ''
    ? chosen.value.map(label).join(' and ')
    : makes.value
      ? `the folder ${quoted(target.value?.makes ?? '')} ${target.value?.note}`
      : (target.value?.label ?? ''),
)
defineExpose({
  go,
  goal,
  /** The places that it would go to; what is made first lies in one that is there. */
  goalIds: computed(() =>
    typed.value.trim() === '' && chosen.value.length > 0
      ? chosen.value
      : [...chosen.value, ...(target.value ? [target.value.id] : [])],
  ),
  makes,
  isPossible: computed(() => chosen.value.length > 0 || (target.value !== undefined && target.value.not === '')),
  say: (text: string) => {
    hint.value = text
  },
})
</script>

<template>
  <div class="body">
    <LineField
      v-model="typed"
      class="line-field"
      data-begins
      placeholder="Type a number or part of a name"
      aria-label="Narrow the folders"
      role="combobox"
      aria-controls="place-list"
      aria-expanded="true"
      :aria-activedescendant="`place-${at}`"
      @keydown.down.prevent="step(1)"
      @keydown.up.prevent="step(-1)"
      @keydown.enter.exact.prevent="go"
      @keydown.shift.enter.prevent="several && add()" />
    <div id="place-list" ref="list" class="list" role="listbox" aria-label="Folders">
      <TargetRow
        v-for="(folder, index) in targets"
        :id="`place-${index}`"
        :key="folder.key"
        :target="folder"
        :is-at="index === at"
        :addable="several && !folder.not && !folder.makes"
        :picked="chosen.includes(folder.id) ? (chosen[0] === folder.id ? 'home' : 'as well') : '+'"
        @mousedown.prevent
        @click="choose(index)"
        @dblclick="goTo(index)"
        @add="add(folder)" />
      <p v-if="targets.length === 0" class="quiet none">No folder is called so.</p>
    </div>
    <p v-if="several" class="second">
      <template v-if="chosen.length === 0">
        <span class="key">Shift+Enter</span> picks several places; the first is the home.
      </template>
      <template v-else>
        {{ chosen.map(label).join(' · ') }}
      </template>
    </p>
    <p v-if="hint" class="warn" role="alert">
      {{ hint }}
    </p>
  </div>
</template>

<style scoped>
.body {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.list {
  height: min(340px, 45vh);
  overflow-y: auto;
  border: 1px solid var(--rule);
  background: var(--paper);
}
.none {
  padding: 10px;
}
</style>
