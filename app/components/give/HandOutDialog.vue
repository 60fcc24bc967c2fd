<script setup lang="ts">
// "Hand out 2 documents to Evening class, under the name Knots test in 2 Ropework class, until 31 December."
import { computed, ref, watch } from 'vue'
import { newId } from '../../../contract/newId'
import { counted } from '../../../core/change/index'
import type { FolderId, GroupId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import { useOpenPlace } from '../../composables/useOpenPlace'
import { useActs } from '../../stores/acts'
import type { HandOutRequest } from '../../stores/dialogs'
import { lastOf } from '../../stores/given'
import { useGroups } from '../../stores/groups'
import EnterSends from '../base/EnterSends.vue'
import ChoiceField from '../base/ChoiceField.vue'
import DayField from '../base/DayField.vue'
import LineField from '../base/LineField.vue'
import PaperDialog from '../common/PaperDialog.vue'
import FolderField from '../places/FolderField.vue'
import SentenceLine from './SentenceLine.vue'

const props = defineProps<{ request: HandOutRequest | null }>()
const emit = defineEmits<{ close: [] }>()

const [groups, acts] = [useGroups(), useActs()]
const openPlace = useOpenPlace()
const TOP = [{ value: 'top', text: 'the top of the plan' }] as const
const [name, until, refused] = [ref(''), ref(''), ref('')]
const groupId = ref<string>('')
const place = ref<'top' | FolderId>('top')

watch(
  () => props.request,
  request => {
    if (!request) return
    name.value = request.name
    until.value = refused.value = ''
    groupId.value = request.groupId ?? groups.groups[0]?.id ?? ''
    place.value = openPlace.value ?? 'top'
  },
)
const choices = computed(() => groups.groups.map(({ id, name: text }) => ({ value: id as string, text })))
const group = computed(() => groups.groups.find(({ id }) => id === groupId.value))
const what = computed(() => {
  const count = props.request?.documentIds.length ?? 0
  return count === 0 ? 'a folder' : `a folder with a copy of ${counted(count, 'document')}`
})
const isReady = computed(() => group.value !== undefined && name.value.trim() !== '')

async function send(): Promise<void> {
  if (!props.request || !isReady.value) return
  const outcome = await acts.act(
    {
      ...{ kind: 'group.handOut', groupId: groupId.value as GroupId, id: newId<FolderId>(), name: name.value },
      ...{ parentId: tryParseId<'folder'>(place.value), documentIds: [...props.request.documentIds] },
      until: lastOf(until.value),
    },
    { quiet: true },
  )
  refused.value = outcome.ok ? '' : outcome.reason.message
  if (outcome.ok) emit('close')
}
</script>

<template>
  <PaperDialog :open="request !== null" :width="560" label="Hand out" title="Hand out" @leave="emit('close')">
    <p v-if="choices.length === 0" class="empty">
      There is no group yet.
      <NuxtLink class="place" to="/people" @click="emit('close')">Make one under People.</NuxtLink>
    </p>
    <form v-else @submit.prevent="send">
      <SentenceLine>
        Give each person of <ChoiceField v-model="groupId" class="group" label="Group" :choices="choices" /> {{ what }}
      </SentenceLine>
      <SentenceLine>
        under the name
        <LineField
          v-model="name"
          class="line-field name"
          aria-label="Name of the hand-out"
          data-begins
          autocomplete="off" />
      </SentenceLine>
      <SentenceLine>in <FolderField v-model="place" class="where" label="Where" :others="TOP" /></SentenceLine>
      <SentenceLine>
        to hand in until
        <DayField class="day" label="Hand in until; empty: without an end" :day="until" @change="until = $event" />
      </SentenceLine>
      <p class="second">
        Each sees their own folder alone, and may add to it until then; afterwards they may read it.
        <template v-if="group">{{ counted(group.memberIds.length, 'person') }} in the group now.</template>
      </p>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act main" :disabled="!isReady" @click="send">Hand out <span class="key">Enter</span></v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.group {
  width: 180px;
}
.name,
.where {
  width: 280px;
}
.day {
  width: 140px;
}
</style>
