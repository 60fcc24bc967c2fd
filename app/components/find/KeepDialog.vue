<script setup lang="ts">
// Keeps a search under a name: proposed from what it asks, and shown where one likes.
import { computed, ref, watch } from 'vue'
import type { KeptSearch } from '../../../contract/plan'
import type { FolderId } from '../../../core/ids'
import { useSearches } from '../../stores/searches'
import PaperDialog from '../common/PaperDialog.vue'
import EnterSends from '../base/EnterSends.vue'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'
import FolderField from '../places/FolderField.vue'

const props = defineProps<{
  open: boolean
  query: Readonly<Record<string, string>>
  /** A name made of what it asks. */
  proposed: string
  /** The kept search that is changed; null: a new one. */
  kept: KeptSearch | null
}>()
const emit = defineEmits<{ leave: []; kept: [search: KeptSearch['id']]; dropped: [] }>()

const searches = useSearches()
const name = ref('')
const folderId = ref<FolderId | ''>('')
const pinned = ref(true)
const desk = ref(false)

watch(
  () => props.open,
  open => {
    if (!open) return
    refused.value = ''
    name.value = props.kept?.name ?? props.proposed
    folderId.value = props.kept?.folderId ?? ''
    pinned.value = props.kept?.pinned ?? true
    desk.value = props.kept?.desk ?? false
  },
)
const otherName = computed(() =>
  props.kept && props.proposed !== '' && props.proposed !== name.value ? props.proposed : '',
)

const refused = ref('')

async function keep(): Promise<void> {
  refused.value = ''
  const outcome = await searches.keep(
    { name: name.value, query: props.query, folderId: folderId.value || null, pinned: pinned.value, desk: desk.value },
    props.kept?.id,
  )
  if (outcome.ok) emit('kept', outcome.id)
  else refused.value = outcome.why
}

/** Its documents stay where they are, and Undo brings it back. */
async function drop(): Promise<void> {
  if (!props.kept) return
  const outcome = await searches.drop(props.kept.id)
  if (outcome.ok) emit('dropped')
}
</script>

<template>
  <PaperDialog
    :open="open"
    :width="520"
    label="Keep this search"
    :title="kept ? 'Change this kept search' : 'Keep this search'"
    @leave="emit('leave')">
    <form class="keep" @submit.prevent="keep">
      <label for="search-name">Name</label>
      <LineField id="search-name" v-model="name" class="line-field" data-begins maxlength="200" />
      <p v-if="refused" class="warn" role="alert">
        {{ refused }}
      </p>
      <p v-if="otherName" class="second">
        Its rules are now:
        <v-btn class="place" @click="name = otherName">call it “{{ otherName }}”</v-btn>
      </p>
      <label for="search-place">Shown in the plan</label>
      <FolderField
        id="search-place"
        v-model="folderId"
        label="Shown in the plan"
        :others="[{ value: '', text: 'nowhere' }]" />
      <TickBox v-model="pinned" class="check">in the short list under the outline</TickBox>
      <TickBox v-model="desk" class="check">on the Desk</TickBox>
      <p class="quiet">
        It holds no documents: they stay where they are. It is always current, and “in the last 7 days” stays the last 7
        days.
      </p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act full" @click="keep">
        {{ kept ? 'Change it' : 'Keep it' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn v-if="kept" class="act" @click="drop"> Delete it </v-btn>
      <v-btn class="act" @click="emit('leave')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.keep {
  display: grid;
  gap: 6px;
}
.check {
  display: flex;
  align-items: center;
}
</style>
