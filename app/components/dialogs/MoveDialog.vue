<script setup lang="ts">
// Where to? The outline, narrowed by typing a code or any part of a name; Enter moves there.
import { computed, nextTick, ref, watch } from 'vue'
import { findFolders } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { isInside, outlineOf } from '../../../core/tree/index'
import { useActs } from '../../stores/acts'
import type { MoveAsked } from '../../stores/dialogs'
import { usePlan } from '../../stores/plan'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ asked: MoveAsked | null; /** "“Minutes”" or "3 documents". */ what: string }>()
const emit = defineEmits<{ close: [] }>()

const LIMIT = 200
const plan = usePlan()
const acts = useActs()
const typed = ref('')
const at = ref(0)
const hint = ref('')
const twinAt = ref<string | null>(null)
const list = ref<HTMLElement | null>(null)

watch(() => props.asked, () => { typed.value = ''; at.value = firstOther(); hint.value = ''; twinAt.value = null })
watch(typed, () => { at.value = typed.value.trim() === '' ? firstOther() : 0; hint.value = '' })

interface Target { readonly id: FolderId | null; readonly label: string; readonly depth: number; readonly not: string }

const targets = computed<readonly Target[]>(() => {
  const { asked } = props
  if (!asked) return []
  const nowhere = (id: FolderId) => (asked.folderIds.some(moved => isInside(plan.tree, id, moved)) ? 'lies in what is moved' : '')
  const typedText = typed.value.trim()
  if (typedText !== '') {
    return findFolders(plan.findable, typedText, 50).map(({ id }) => ({ id, label: plan.placeOf(id)?.text ?? '', depth: 0, not: nowhere(id) }))
  }
  const top: Target = asked.documentIds.length > 0
    ? { id: null, label: 'In-tray', depth: 0, not: asked.folderIds.length > 0 ? 'folders cannot lie in the In-tray' : '' }
    : { id: null, label: 'Top of the plan', depth: 0, not: '' }
  return [top, ...outlineOf(plan.tree).slice(0, LIMIT).map(({ folder, depth }) => ({ id: folder.id, label: plan.placeOf(folder.id)?.text ?? '', depth, not: nowhere(folder.id) }))]
})
const target = computed(() => targets.value[at.value])

/** The first place of the list in which what is moved does not lie already. */
function firstOther(): number {
  const { asked } = props
  const lies = (id: FolderId | null) => asked?.folderIds.every(moved => plan.tree.byId.get(moved)?.parentId === id) === true && (asked.documentIds.length === 0 || asked.fromFolderId === id)
  return Math.max(0, targets.value.findIndex(({ id }) => !lies(id)))
}

function step(by: number): void {
  at.value = Math.max(0, Math.min(targets.value.length - 1, at.value + by))
  void nextTick(() => list.value?.querySelector('.at')?.scrollIntoView({ block: 'nearest' }))
}

async function go(): Promise<void> {
  const { asked } = props
  const chosen = target.value
  if (!asked || !chosen) return
  if (chosen.not) { hint.value = `Not possible: it ${chosen.not}.`; return }
  const key = String(chosen.id)
  const { folderIds, documentIds, fromFolderId } = asked
  const outcome = await acts.act({ kind: 'move', folderIds, documentIds, fromFolderId, toFolderId: chosen.id, allowTwin: twinAt.value === key }, { quiet: true })
  if (outcome.ok) return emit('close')
  if (outcome.reason.code === 'name.twin') {
    twinAt.value = key
    hint.value = `There is already “${String(outcome.reason.details.twin)}” there. Move once more to keep both.`
  }
  else hint.value = outcome.reason.code === 'act.nothing' ? 'It lies there already.' : outcome.reason.message
}
</script>

<template>
  <PaperDialog :open="asked !== null" :width="480" label="Move to" :title="`Move ${what} to`" @leave="emit('close')">
    <div class="body">
      <input
        v-model="typed" class="line-field" type="text" autofocus placeholder="Type a number or part of a name" aria-label="Narrow the folders" role="combobox" aria-controls="move-list" aria-expanded="true"
        :aria-activedescendant="`move-${at}`" @keydown.down.prevent="step(1)" @keydown.up.prevent="step(-1)" @keydown.enter.prevent="go"
      >
      <div id="move-list" ref="list" class="list" role="listbox" aria-label="Folders">
        <div
          v-for="(folder, index) in targets" :id="`move-${index}`" :key="String(folder.id)" role="option" class="target" :class="{ at: index === at, not: folder.not }" :aria-selected="index === at"
          :style="{ paddingLeft: `${10 + folder.depth * 18}px` }" @click="at = index" @dblclick="at = index; go()"
        >
          <span class="cut">{{ folder.label }}</span><span v-if="folder.not" class="quiet">{{ folder.not }}</span>
        </div>
        <p v-if="targets.length === 0" class="quiet none">
          No folder is called so.
        </p>
      </div>
      <p v-if="hint" class="warn" role="alert">
        {{ hint }}
      </p>
    </div>
    <template #acts>
      <button type="button" class="act full" :disabled="!target || target.not !== ''" @click="go">
        {{ target ? `Move to ${target.label}` : 'Move' }} <span class="key">Enter</span>
      </button>
      <button type="button" class="act" @click="emit('close')">
        Leave it there <span class="key">Esc</span>
      </button>
    </template>
  </PaperDialog>
</template>

<style scoped>
.body { display: flex; flex-direction: column; gap: 10px; }
.list { height: min(340px, 45vh); overflow-y: auto; border: 1px solid var(--rule); background: var(--paper); }
.target { display: flex; justify-content: space-between; gap: 10px; padding: 4px 10px; cursor: default; }
.target.at { background: var(--act-soft); box-shadow: inset 3px 0 0 var(--act); }
.target.not { color: var(--ink-3); }
.none { padding: 10px; }
</style>
