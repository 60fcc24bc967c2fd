<script setup lang="ts">
// How the children of a folder are numbered and ordered, with what their codes would be.
import { computed, ref, watch } from 'vue'
import type { FolderId } from '../../../core/ids'
import type { ChildOrder, NumberStyle, NUMBER_STYLES } from '../../../core/numbering/index'
import { codedName, numberTree, PLAIN_NUMBERING } from '../../../core/numbering/index'
import { childrenOf } from '../../../core/tree/index'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'

const props = defineProps<{ /** null: the top folders; undefined: closed. */ folderId: FolderId | null | undefined }>()
const emit = defineEmits<{ close: [] }>()

const plan = usePlan()
const acts = useActs()
const style = ref<NumberStyle | 'inherit'>('1')
const joined = ref(true)
const start = ref(1)
const step = ref(1)
const order = ref<ChildOrder>('number')
const refused = ref('')

const STYLES = [
  { value: 'none', title: 'no numbers' }, { value: '1', title: '1, 2, 3' }, { value: '01', title: '01, 02, 03' }, { value: 'A', title: 'A, B, C' },
] as const satisfies readonly { value: (typeof NUMBER_STYLES)[number]; title: string }[]
const choices = computed(() => (props.folderId === null ? STYLES : [{ value: 'inherit' as const, title: 'as the folder itself is' }, ...STYLES]))

watch(() => props.folderId, (id) => {
  if (id === undefined) return
  const folder = id === null ? null : plan.tree.byId.get(id)
  const own = folder ? folder.numbering : plan.reply?.plan.numbering
  const used = own ?? (id ? plan.numbered.codes.get(id)?.childNumbering : null) ?? PLAIN_NUMBERING
  style.value = own ? own.style : 'inherit'
  joined.value = used.joined
  start.value = used.start
  step.value = used.step
  order.value = folder?.childOrder ?? plan.reply?.plan.childOrder ?? 'number'
  refused.value = ''
}, { immediate: true })

const numbering = computed(() => (style.value === 'inherit' ? null : { style: style.value, joined: joined.value, start: Number(start.value), step: Number(step.value) }))

/** The children as they would be coded. */
const preview = computed(() => {
  const { folderId } = props
  if (folderId === undefined || !plan.reply) return []
  const top = folderId === null ? { numbering: numbering.value ?? PLAIN_NUMBERING, childOrder: order.value } : plan.reply.plan
  const folders = plan.reply.folders.map(folder => (folder.id === folderId ? { ...folder, numbering: numbering.value, childOrder: order.value } : folder))
  const { tree, codes } = numberTree(top, folders, 'en')
  return childrenOf(tree, folderId).slice(0, 6).map(folder => codedName(codes.get(folder.id)?.code ?? '', folder.name))
})

async function keep(): Promise<void> {
  const id = props.folderId ?? null
  const numbered = await acts.act({ kind: 'folder.numbering', id, numbering: numbering.value }, { quiet: true })
  if (!numbered.ok && numbered.reason.code !== 'act.nothing') { refused.value = numbered.reason.message; return }
  const ordered = await acts.act({ kind: 'folder.order', id, order: order.value }, { quiet: true })
  if (!ordered.ok && ordered.reason.code !== 'act.nothing') { refused.value = ordered.reason.message; return }
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="folderId !== undefined" width="520" aria-label="Numbering" @update:model-value="emit('close')">
    <v-card>
      <v-card-title>Number the folders in {{ folderId ? plan.placeOf(folderId)?.text : 'the plan' }}</v-card-title>
      <v-card-text>
        <form class="form" @submit.prevent="keep">
          <v-select v-model="style" :items="choices" label="Numbers" autofocus />
          <v-select v-model="order" :items="[{ value: 'number', title: 'by number' }, { value: 'name', title: 'by name (Week 2 before Week 10)' }]" label="Order" />
          <template v-if="style !== 'inherit' && style !== 'none'">
            <v-text-field v-model="start" type="number" min="0" label="First number" />
            <v-text-field v-model="step" type="number" min="1" label="Step" />
            <v-checkbox v-if="folderId !== null" v-model="joined" label="With the code of the folder in front" class="wide" />
          </template>
          <div class="wide preview" aria-live="polite">
            <p class="part-head">
              Then they read
            </p>
            <p v-for="line in preview" :key="line">
              {{ line }}
            </p>
            <p v-if="preview.length === 0" class="quiet">
              There is no folder in it yet; new ones will be numbered so.
            </p>
          </div>
          <p v-if="refused" class="wide warn" role="alert">
            {{ refused }}
          </p>
          <button type="submit" class="hidden" tabindex="-1" aria-hidden="true" />
        </form>
      </v-card-text>
      <v-card-actions>
        <button type="button" class="act full" @click="keep">
          Number them
        </button>
        <button type="button" class="act" @click="emit('close')">
          Leave as it is <span class="key">Esc</span>
        </button>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.form { display: grid; grid-template-columns: 1fr 1fr; gap: 14px; padding-top: 6px; }
.wide { grid-column: 1 / -1; }
.preview { min-height: 130px; }
.hidden { position: absolute; width: 0; height: 0; overflow: hidden; }
</style>
