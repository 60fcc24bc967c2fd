<script setup lang="ts">
// "Send a copy of it by mail to per@harbour.example and tell them: …". Who has no account here gets it all the same.
import { computed, nextTick, onMounted, ref } from 'vue'
import { addressesIn } from '../../../core/access/index'
import { useGiven } from '../../stores/given'
import { sendByMail } from '../../stores/mailing'
import LineField from '../base/LineField.vue'
import NoteField from '../base/NoteField.vue'
import SentenceLine from './SentenceLine.vue'

const props = defineProps<{ documentIds: readonly string[] }>()
const given = useGiven()
const field = ref<InstanceType<typeof LineField> | null>(null)
const [typed, note] = [ref(''), ref('')]
const [isDone, isSending] = [ref(false), ref(false)]
onMounted(() => void nextTick(() => field.value?.focus()))

const read = computed(() => addressesIn(typed.value))
/** Said once an address is left, not while it is typed. */
const wrong = ref<readonly string[]>([])
const isReady = computed(() => read.value.addresses.length > 0 && read.value.wrong.length === 0 && !isSending.value)

async function send(): Promise<void> {
  wrong.value = read.value.wrong
  if (!isReady.value) return
  isSending.value = true
  const { refused } = await sendByMail(props.documentIds, read.value.addresses, note.value.trim())
  isSending.value = false
  given.refused = refused
  isDone.value = refused === ''
}
defineExpose({ send, isDone, isReady })
</script>

<template>
  <div class="sentence">
    <SentenceLine>
      Send a copy of {{ documentIds.length === 1 ? 'it' : 'them' }} by mail to
      <LineField
        ref="field"
        v-model="typed"
        class="line-field to"
        type="text"
        inputmode="email"
        aria-label="Addresses of mail"
        aria-describedby="mail-addresses"
        placeholder="addresses, with commas between"
        autocomplete="off"
        @change="wrong = read.wrong" />
    </SentenceLine>
    <p id="mail-addresses" class="second">
      <template v-if="wrong.length > 0">
        <span class="warn">{{ wrong.map(part => `“${part}”`).join(', ') }}: no address of mail.</span> Mend
        {{ wrong.length === 1 ? 'it' : 'them' }} to send.
      </template>
      <template v-else>
        Each gets a message of their own and sees no other address. It is a copy as it is now, and cannot be called
        back.
      </template>
    </p>
    <label class="tell">
      and tell them:
      <NoteField v-model="note" rows="3" aria-label="What they are told" placeholder="nothing more" />
    </label>
  </div>
</template>

<style scoped>
.to {
  flex: 1;
  min-width: 260px;
}
.second {
  margin: -4px 0 10px;
}
.tell {
  display: block;
}
</style>
