<script setup lang="ts">
// Moving by typing where: to one place, or documents to several, the first being their home.
import { computed, ref, watch } from 'vue'
import type { FolderId } from '../../../core/ids'
import { useSuggestedPlaces } from '../../composables/useSuggestedPlaces'
import { useActs } from '../../stores/acts'
import type { MoveRequest } from '../../stores/dialogs'
import { usePlan } from '../../stores/plan'
import PaperDialog from '../common/PaperDialog.vue'
import WideningNote from '../give/WideningNote.vue'
import PlacePicker from '../places/PlacePicker.vue'

const props = defineProps<{ request: MoveRequest | null; /** "“Minutes”" or "3 documents". */ what: string }>()
const emit = defineEmits<{ close: [] }>()

const plan = usePlan()
const acts = useActs()
const twinAt = ref<string | null>(null)
const picker = ref<InstanceType<typeof PlacePicker> | null>(null)
watch(
  () => props.request,
  () => {
    twinAt.value = null
  },
)
const suggested = useSuggestedPlaces(
  () => (props.request?.folderIds.length === 0 ? props.request.documentIds : []),
  why => picker.value?.say(why),
)

const top = computed(() => {
  const { request } = props
  if (!request || request.documentIds.length === 0) return { label: 'Top of the plan', not: '' }
  return { label: 'In-tray', not: request.folderIds.length > 0 ? 'cannot hold folders' : '' }
})

/** Where it lies now. */
const before = computed(() => [
  ...(props.request?.folderIds ?? []).map(id => plan.tree.byId.get(id)?.parentId ?? null),
  ...(props.request && props.request.documentIds.length > 0 ? [props.request.fromFolderId] : []),
])

/** Everything that is moved lies there already. */
function lies(id: FolderId | null): boolean {
  const { request } = props
  return (
    request?.folderIds.every(moved => plan.tree.byId.get(moved)?.parentId === id) === true &&
    (request.documentIds.length === 0 || request.fromFolderId === id)
  )
}

async function move([to, ...others]: (FolderId | null)[]): Promise<void> {
  const { request } = props
  if (!request || to === undefined) return
  const key = String(to)
  const { folderIds, documentIds, fromFolderId } = request
  const also = others.filter(id => id !== null)
  const outcome = await acts.act(
    { kind: 'move', folderIds, documentIds, fromFolderId, toFolderId: to, also, allowTwin: twinAt.value === key },
    { quiet: true },
  )
  if (outcome.ok) return emit('close')
  if (outcome.reason.code === 'name.twin') {
    twinAt.value = key
    picker.value?.say(`There is already “${String(outcome.reason.details.twin)}” there. Move once more to keep both.`)
  } else picker.value?.say(outcome.reason.code === 'act.nothing' ? 'It lies there already.' : outcome.reason.message)
}
</script>

<template>
  <PaperDialog :open="request !== null" :width="480" label="Move to" :title="`Move ${what} to`" @leave="emit('close')">
    <PlacePicker
      v-if="request"
      ref="picker"
      :top="top"
      :moved="request.folderIds"
      :suggested="suggested"
      :parent="request.fromFolderId"
      :several="request.folderIds.length === 0"
      :lies="lies"
      @pick="move" />
    <WideningNote :before="before" :after="picker?.goalIds ?? []" />
    <template #acts>
      <v-btn class="act full" :disabled="!picker?.isPossible" @click="picker?.go()">
        <span class="cut">{{ picker?.goal ? `${picker.makes ? 'Make' : 'Move to'} ${picker.goal}` : 'Move' }}</span>
        {{ ' ' }}
        <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave it there <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
