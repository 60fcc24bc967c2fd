<script setup lang="ts">
// How the children of a folder are numbered and ordered, with every code that would change.
import { computed, ref, watch } from 'vue'
import type { FolderId } from '../../../core/ids'
import type { ChildOrder, Joint, Numbering, NumberStyle } from '../../../core/numbering/index'
import {
  codedName,
  JOINTS,
  NUMBER_STYLES,
  numberingText,
  numberTree,
  OWN_TEXT_LIMIT,
  PLAIN_NUMBERING,
} from '../../../core/numbering/index'
import type { RenumberMode } from '../../../core/plan/index'
import { arrangedRows } from '../../../core/plan/index'
import { counted } from '../../../core/change/index'
import { childrenOf } from '../../../core/tree/index'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import EnterSends from '../base/EnterSends.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{
  /** null: the top folders; undefined: closed. */
  folderId: FolderId | null | undefined
  /** What is asked for first. */
  renumber: RenumberMode | null
}>()
const emit = defineEmits<{ close: [] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const acts = useActs()
const style = ref<NumberStyle | 'inherit'>('1')
const joint = ref<Joint | 'alone'>('.')
const start = ref(1)
const step = ref(1)
const width = ref(2)
const skip = ref('')
const text = ref('')
const order = ref<ChildOrder>('number')
const mode = ref<RenumberMode | null>(null)
const deep = ref(false)
const refused = ref('')

const title = (one: NumberStyle) =>
  one === 'none'
    ? 'no numbers'
    : one === 'year'
      ? 'years'
      : one === 'own'
        ? 'own text (Q1, Q2, Q3)'
        : numberingText({ ...PLAIN_NUMBERING, style: one })
const STYLES = NUMBER_STYLES.map(value => ({ value, title: title(value) }))
const choices = computed(() =>
  props.folderId === null ? STYLES : [{ value: 'inherit' as const, title: 'as the folder itself is' }, ...STYLES],
)
const ORDERS = [
  { value: 'number', title: 'by number' },
  { value: 'name', title: 'by name (Week 2 before Week 10)' },
  { value: 'hand', title: 'by hand' },
  { value: 'changed', title: 'what changed last first' },
]
const MODES = [
  { value: null, title: 'leave the numbers of these folders' },
  { value: 'keep', title: 'write them down as they are' },
  { value: 'close', title: 'close the gaps' },
  { value: 'spread', title: 'spread with gaps (10, 20, 30)' },
  { value: 'name', title: 'follow the names' },
  { value: 'dates', title: 'follow the dates in the names' },
]

watch(
  () => props.folderId,
  id => {
    if (id === undefined) return
    const folder = id === null ? null : plan.tree.byId.get(id)
    const own = folder ? folder.numbering : plan.reply?.plan.numbering
    const used = own ?? (id ? plan.numbered.codes.get(id)?.childNumbering : null) ?? PLAIN_NUMBERING
    style.value = own ? own.style : 'inherit'
    joint.value = used.joined ? (used.joint ?? '.') : 'alone'
    start.value = used.start
    step.value = used.step
    width.value = used.width ?? 2
    skip.value = (used.skip ?? []).join(', ')
    text.value = used.text ?? ''
    order.value = folder?.childOrder ?? plan.reply?.plan.childOrder ?? 'number'
    mode.value = props.renumber
    deep.value = false
    refused.value = ''
  },
  { immediate: true },
)
watch(style, (next, was) => {
  if (next === 'year' && was !== 'year' && start.value < 1900) start.value = new Date().getFullYear()
})

const numbering = computed<Numbering | null>(() => {
  if (style.value === 'inherit') return null
  const skipped = skip.value
    .split(/[^\d]+/)
    .filter(part => part !== '')
    .map(Number)
  return {
    style: style.value,
    joined: joint.value !== 'alone',
    start: Number(start.value),
    step: Number(step.value),
    ...(joint.value !== 'alone' && joint.value !== '.' ? { joint: joint.value } : {}),
    ...(style.value === '01' && Number(width.value) !== 2 ? { width: Number(width.value) } : {}),
    ...(style.value === 'own' ? { text: text.value } : {}),
    ...(skipped.length > 0 ? { skip: skipped } : {}),
  }
})
const arrangement = computed(() => ({
  id: props.folderId ?? null,
  numbering: numbering.value,
  order: order.value,
  renumber: mode.value,
  deep: deep.value,
}))

/** The children as they would be coded, and every code that changes anywhere below. */
const after = computed(() => {
  if (props.folderId === undefined || !plan.reply) return { lines: [], changed: [], documents: 0 }
  const { rows } = plan
  const arranged = arrangedRows(plan.reply.plan, rows, arrangement.value, 'en')
  const { tree, codes } = numberTree(arranged.plan, arranged.folders, 'en')
  const lines = childrenOf(tree, props.folderId)
    .slice(0, 8)
    .map(folder => codedName(codes.get(folder.id)?.code ?? '', folder.name))
  const changed = rows.flatMap(folder => {
    const [was, is] = [placeNames.codeOf(folder.id), codes.get(folder.id)?.code ?? '']
    return was === is ? [] : [{ id: folder.id, text: `${was || '–'} → ${is || '–'} ${folder.name}` }]
  })
  return { lines, changed, documents: changed.reduce((sum, { id }) => sum + (plan.reply?.counts[id] ?? 0), 0) }
})

async function keep(): Promise<void> {
  const outcome = await acts.act({ kind: 'folder.arrange', ...arrangement.value }, { quiet: true })
  if (!outcome.ok && outcome.reason.code !== 'act.nothing') {
    refused.value = outcome.reason.message
    return
  }
  emit('close')
}
</script>

<template>
  <PaperDialog
    help="number"
    :open="folderId !== undefined"
    :width="620"
    label="Numbering"
    :title="`Number the folders in ${folderId ? (placeNames.placeOf(folderId)?.text ?? '') : 'the plan'}`"
    @leave="emit('close')">
    <form class="form" @submit.prevent="keep">
      <v-select v-model="style" :items="choices" label="Numbers" data-begins />
      <v-select v-model="order" :items="ORDERS" label="Order" />
      <template v-if="style !== 'inherit' && style !== 'none'">
        <v-text-field v-model="start" type="number" min="0" label="First number" />
        <v-text-field v-model="step" type="number" min="1" label="Step" />
        <v-text-field v-model="skip" label="Passed over" placeholder="13" />
        <v-text-field
          v-if="style === 'own'"
          v-model="text"
          label="Own text"
          placeholder="Q1, Q2, Q3 – or U# for U1, U2, …"
          :maxlength="OWN_TEXT_LIMIT" />
        <v-text-field v-if="style === '01'" v-model="width" type="number" min="1" max="6" label="Digits" />
        <v-select
          v-if="folderId !== null"
          v-model="joint"
          :items="[
            ...JOINTS.map(sign => ({ value: sign, title: `code above, then “${sign}”` })),
            { value: 'alone', title: 'without the code above' },
          ]"
          label="Joined" />
      </template>
      <v-select v-model="mode" :items="MODES" label="Renumber" class="wide" />
      <v-checkbox v-if="mode" v-model="deep" label="and everything below as well" class="wide" />
      <div class="preview" aria-live="polite">
        <p class="part-head">Then they read</p>
        <p v-for="line in after.lines" :key="line" class="cut">
          {{ line }}
        </p>
        <p v-if="after.lines.length === 0" class="quiet">There is no folder in it yet; new ones will be numbered so.</p>
      </div>
      <div class="preview">
        <p class="part-head">
          {{
            after.changed.length === 0
              ? 'No number changes'
              : `${counted(after.changed.length, 'number')} ${after.changed.length === 1 ? 'changes' : 'change'}; ` +
                `the place of ${counted(after.documents, 'document')} reads differently`
          }}
        </p>
        <div class="changed">
          <p v-for="change in after.changed.slice(0, 200)" :key="change.id" class="cut second">
            {{ change.text }}
          </p>
        </div>
      </div>
      <p v-if="refused" class="wide warn" role="alert">
        {{ refused }}
      </p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act full" @click="keep">Number them</v-btn>
      <v-btn class="act" @click="emit('close')">Leave as it is <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 14px;
  padding-top: 6px;
}
.wide {
  grid-column: 1 / -1;
}
.preview {
  min-height: 110px;
  min-width: 0;
}
.changed {
  max-height: 150px;
  overflow-y: auto;
}
</style>
