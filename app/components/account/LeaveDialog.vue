<script setup lang="ts">
// The account goes with everything in it: asked twice, by the name of the plan and by the password.
import { computed, ref, watch } from 'vue'
import { useSending } from '../../composables/useSending'
import EnterSends from '../base/EnterSends.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{
  open: boolean
  planName: string
  /** What goes: "412 documents (38 MB)". */
  what: string
  leave: (form: { planName: string; password: string }) => Promise<void>
}>()
const emit = defineEmits<{ close: [] }>()

const [typed, password] = [ref(''), ref('')]
const { busy, refused, send: sendOnce } = useSending()
const isSure = computed(() => typed.value.trim() === props.planName && password.value !== '')
watch(
  () => props.open,
  () => {
    typed.value = password.value = refused.value = ''
  },
)

function send(): void {
  if (isSure.value) void sendOnce(() => props.leave({ planName: typed.value, password: password.value }))
}
</script>

<template>
  <PaperDialog :open="open" :width="500" label="Delete the account" title="Delete the account?" @leave="emit('close')">
    <p>
      {{ what }}, all versions, the Trash, tags, colours, kept searches and History go for good. This cannot be undone,
      by nobody. Download the whole plan before, if you want to keep it.
    </p>
    <form class="form" @submit.prevent="send">
      <v-text-field v-model="typed" data-begins :label="`Type the name of the plan: ${planName}`" autocomplete="off" />
      <v-text-field v-model="password" type="password" label="Your password" autocomplete="current-password" />
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act main" :disabled="!isSure || busy" @click="send">Delete everything</v-btn>
      <v-btn class="act" @click="emit('close')">Keep it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 6px;
  margin-top: 10px;
}
</style>
