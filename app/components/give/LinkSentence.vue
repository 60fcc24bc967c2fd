<script setup lang="ts">
// Whoever has the link may read it, until when. Its address is shown once.
import { ref } from 'vue'
import type { MeantThing } from '../../stores/dialogs'
import { useGiven } from '../../stores/given'
import { useNotice } from '../../stores/notice'
import DayField from '../base/DayField.vue'
import LineField from '../base/LineField.vue'

const props = defineProps<{ thing: MeantThing }>()
const [given, notices] = [useGiven(), useNotice()]
const [until, note, passphrase, address] = [ref(''), ref(''), ref(''), ref('')]
const isDone = ref(false)
const field = ref<InstanceType<typeof LineField> | null>(null)

async function send(): Promise<void> {
  if (isDone.value) return
  const asked = { until: until.value, note: note.value.trim(), passphrase: passphrase.value }
  address.value = (await given.makeLink(props.thing.kind, props.thing.id, asked)) ?? ''
  isDone.value = address.value !== ''
}

async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(address.value)
    notices.say('Copied the address of the link')
  } catch {
    // A browser without a clipboard for pages: the address stands there, chosen, for the keys.
    notices.say('Press Ctrl+C to copy the address')
  }
}
defineExpose({ send, isDone, isReady: true })
</script>

<template>
  <div class="sentence">
    <p>
      Let whoever has the link read
      {{ thing.kind === 'folder' ? 'it with all below, also what comes later,' : 'it as it is at the time,' }}
      until
      <DayField class="day" label="Until when; empty: until it is ended" :day="until" @change="until = $event" />
    </p>
    <p>
      <label class="whom"
        >To remember whom it is for:
        <LineField v-model="note" class="line-field" placeholder="the evening class" autocomplete="off"
      /></label>
    </p>
    <p>
      <label class="whom"
        >It asks for the passphrase:
        <LineField v-model="passphrase" class="line-field" placeholder="none" autocomplete="off"
      /></label>
    </p>
    <p class="second">
      They need no account. They see its name and contents, and nothing above or beside it; not your tags, remarks and
      colours of documents.
    </p>
    <div v-if="address" class="made" role="status">
      <LineField
        ref="field"
        class="line-field address"
        :model-value="address"
        readonly
        aria-label="Address of the link"
        @focus="field?.select()" />
      <v-btn class="act" @click="copy">Copy</v-btn>
      <p class="second">This address is shown only now. Whoever has it may read; end the link to take it back.</p>
    </div>
  </div>
</template>

<style scoped>
.sentence p {
  margin-bottom: 10px;
}
.day {
  width: 140px;
}
.whom {
  display: flex;
  gap: 8px;
  align-items: center;
  white-space: nowrap;
}
.made {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 10px;
  align-items: center;
}
.made p {
  grid-column: 1 / -1;
}
</style>
