<script setup lang="ts">
// Where to? The outline, narrowed by typing a code or any part of a name; before anything is typed, what is
// suggested and where something went lately come first. A folder that is missing is made right here.
import { newId } from '../../../contract/newId'
import { computed, nextTick, ref, watch } from 'vue'
import { quoted } from '../../../core/change/index'
import { findFolders } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { isInside, outlineOf } from '../../../core/tree/index'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useView } from '../../stores/view'
import LineField from '../base/LineField.vue'

const props = defineProps<{
  /** What null stands for in the list; null: it is no place here. */
  top: { readonly label: string; readonly not: string } | null
  /** Folders that are moved: nothing can go into them. */
  moved: readonly FolderId[]
  suggested: readonly { readonly folderId: FolderId; readonly share: number }[]
  /** Where a folder that is missing would be made first of all. */
  parent: FolderId | null
  /** Several can be picked, the first being the home. */
  several: boolean
  /** The place to begin with: the first for which this is false. */
  lies: (id: FolderId | null) => boolean
}>()
const emit = defineEmits<{ pick: [ids: (FolderId | null)[]] }>()

const LIMIT = 200
const plan = usePlan()
const placeNames = usePlaceNames()
const acts = useActs()
const view = useView()
const typed = ref('')
const at = ref(0)
const chosen = ref<(FolderId | null)[]>([])
const hint = ref('')
const list = ref<HTMLElement | null>(null)

interface Target {
  readonly key: string
  readonly id: FolderId | null
  readonly label: string
  readonly depth: number
  readonly note: string
  readonly not: string
  readonly makes?: string
}

const nowhere = (id: FolderId) =>
  props.moved.some(moved => isInside(plan.tree, id, moved)) ? 'lies in what is moved' : ''
const row = (id: FolderId, note: string, depth = 0): Target => ({
  key: `${note}${id}`,
  id,
  label: placeNames.placeOf(id)?.text ?? '',
  depth,
  note,
  not: nowhere(id),
})

const targets = computed<readonly Target[]>(() => {
  const text = typed.value.trim()
  if (text !== '') {
    const found = findFolders(placeNames.findable, text, 50).map(({ id }) => id)
    // Who types the number of a folder wants to go there.
    return [
      ...found.map(id => row(id, '')),
      ...(found.some(id => placeNames.codeOf(id) === text) ? [] : newFolders(text)),
    ]
  }
  const known = (id: FolderId) => plan.tree.byId.has(id)
  const suggested = props.suggested.filter(({ folderId }) => known(folderId))
  const recent = (view.saved.recent as FolderId[])
    .filter(id => known(id) && !suggested.some(({ folderId }) => folderId === id))
    .slice(0, 4)
  const top: Target[] = props.top
    ? [{ key: 'top', id: null, label: props.top.label, depth: 0, note: '', not: props.top.not }]
    : []
  return [
    ...suggested.map(({ folderId, share }) => row(folderId, `suggested, ${Math.min(99, Math.round(share * 100))} %`)),
    ...recent.map(id => row(id, 'lately')),
    ...top,
    ...outlineOf(plan.tree)
      .slice(0, LIMIT)
      .map(({ folder, depth }) => row(folder.id, '', depth)),
  ]
})

/** The folder typed, where it could be made. */
function newFolders(name: string): Target[] {
  const recent = view.saved.recent as FolderId[]
  const likely = [
    props.parent,
    ...props.suggested.map(({ folderId }) => folderId),
    null,
    ...recent.map(id => plan.tree.byId.get(id)?.parentId ?? null),
    ...recent,
  ]
  const parents = [...new Set(likely)]
    .filter(id => id === null || (plan.tree.byId.has(id) && nowhere(id) === ''))
    .slice(0, 5)
  return parents.map(id => ({
    key: `new ${id}`,
    id,
    label: `New folder ${quoted(name)}`,
    depth: 0,
    note: id === null ? 'at the top of the plan' : `in ${placeNames.placeOf(id)?.text ?? ''}`,
    not: '',
    makes: name,
  }))
}

const target = computed(() => targets.value[at.value])
const first = () =>
  Math.max(
    0,
    targets.value.findIndex(({ id, not }) => not === '' && !props.lies(id)),
  )
watch(typed, () => {
  at.value = typed.value.trim() === '' ? first() : 0
  hint.value = ''
})
let isChosen = false
// Suggestions come when the list stands already: the first of them is meant, unless something was chosen meanwhile.
watch(
  () => [props.suggested, targets.value] as const,
  ([suggested, now], [suggestedBefore, before]) => {
    const was = before[at.value]
    if (suggested === suggestedBefore || !was) return
    if (!isChosen && typed.value.trim() === '') {
      at.value = first()
      return
    }
    const same = now.findIndex(({ key }) => key === was.key)
    at.value =
      same >= 0
        ? same
        : Math.max(
            0,
            now.findIndex(({ id }) => id === was.id),
          )
  },
)
at.value = first()

function choose(index: number): void {
  isChosen = true
  at.value = index
}

function step(by: number): void {
  isChosen = true
  at.value = Math.max(0, Math.min(targets.value.length - 1, at.value + by))
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
  at.value = index
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
      <div
        v-for="(folder, index) in targets"
        :id="`place-${index}`"
        :key="folder.key"
        role="option"
        class="target"
        :class="{ at: index === at, not: folder.not, makes: folder.makes }"
        :aria-selected="index === at"
        :style="{ paddingLeft: `${10 + folder.depth * 18}px` }"
        @mousedown.prevent
        @click="choose(index)"
        @dblclick="goTo(index)">
        <span class="cut">{{ folder.label }}</span>
        <span v-if="folder.not || folder.note" class="quiet">{{ folder.not || folder.note }}</span>
        <v-btn
          v-if="several && !folder.not && !folder.makes"
          class="as-well"
          tabindex="-1"
          :aria-label="`${folder.label} as well`"
          @click.stop="add(folder)">
          {{ chosen.includes(folder.id) ? (chosen[0] === folder.id ? 'home' : 'as well') : '+' }}
        </v-btn>
      </div>
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
.target {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 4px 10px;
  cursor: default;
}
.target .cut {
  flex: 1;
}
.target.at {
  background: var(--act-soft);
  box-shadow: inset 3px 0 0 var(--act);
}
.target.not {
  color: var(--ink-3);
}
.target.makes {
  color: var(--act);
  font-weight: 600;
}
.target .quiet {
  font-size: 12px;
  flex: none;
}
.as-well {
  color: var(--act);
  font-weight: 600;
  min-width: 24px;
  text-align: center;
  font-size: 12px;
}
.none {
  padding: 10px;
}
</style>
