<script setup lang="ts">
// An address leads to nothing that one may see: whoever keeps it, if anybody does, can be asked for it.
import { ref, watch } from 'vue'
import type { RequestState } from '../../../contract/accessRequest'
import { dateText } from '../../../core/dates/index'
import { requestAccess, requestStateOf } from '../../stores/accessRequests'
import LineField from '../base/LineField.vue'

const props = defineProps<{ id: string }>()
const known = ref<RequestState | null>(null)
const [note, refused] = [ref(''), ref('')]
const busy = ref(false)

watch(
  () => props.id,
  async id => {
    known.value = null
    const state = await requestStateOf(id)
    if (id === props.id) known.value = state
  },
  { immediate: true },
)

async function send(): Promise<void> {
  if (busy.value) return
  busy.value = true
  refused.value = await requestAccess(props.id, note.value)
  if (refused.value === '') known.value = await requestStateOf(props.id)
  busy.value = false
}
</script>

<template>
  <form v-if="known" class="ask" @submit.prevent="send">
    <p v-if="known.requestedAt" role="status">
      You asked for it on {{ dateText(known.requestedAt) }}. If it is given to you, it stands under From others.
    </p>
    <template v-else>
      <p>
        {{
          known.from
            ? `You had it from ${known.from}. You can ask for it again.`
            : 'If somebody gave you this address, you can ask whoever keeps it to give it to you. ' +
              'They see your name and address.'
        }}
      </p>
      <p class="line">
        <LineField
          v-model="note"
          class="line-field note"
          aria-label="What they are told"
          placeholder="why you would like to have it"
          maxlength="500"
          autocomplete="off" />
        <v-btn class="act" type="submit" :disabled="busy">Ask for it</v-btn>
      </p>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
    </template>
  </form>
</template>

<style scoped>
.ask {
  max-width: 560px;
  margin-top: 14px;
}
.line {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 6px;
}
.note {
  flex: 1;
}
</style>
