<script setup lang="ts">
// A sentence with blanks: whoever has the link may read it, until when. Its address is shown once.
import { computed, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import type { GivenThing } from '../../../core/access/index'
import type { MeantThing } from '../../stores/dialogs'
import { readDocument } from '../../stores/content'
import { useGivenLinks } from '../../stores/givenLinks'
import { useNotice } from '../../stores/notice'
import { usePlaceNames } from '../../stores/placeNames'
import { refusalOf } from '../../stores/remote'
import DayField from '../base/DayField.vue'
import LineField from '../base/LineField.vue'
import PaperDialog from '../common/PaperDialog.vue'
import WhoMay from './WhoMay.vue'

const props = defineProps<{ thing: MeantThing | null }>()
const emit = defineEmits<{ close: [] }>()

const [given, notices, placeNames] = [useGivenLinks(), useNotice(), usePlaceNames()]
const [until, note, address] = [ref(''), ref(''), ref('')]
const facts = ref<DocumentFacts | null>(null)
const field = ref<InstanceType<typeof LineField> | null>(null)

watch(
  () => props.thing,
  async thing => {
    until.value = note.value = address.value = given.refused = ''
    facts.value = null
    if (thing?.kind !== 'document') return
    try {
      facts.value = await readDocument(thing.id)
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
  },
)
const name = computed(() =>
  props.thing?.kind === 'folder' ? (placeNames.placeOf(props.thing.id)?.text ?? '') : `“${props.thing?.name ?? ''}”`,
)
const meant = computed<GivenThing | null>(() => {
  if (props.thing?.kind === 'folder') return { kind: 'folder', id: props.thing.id }
  return facts.value && { kind: 'document', id: facts.value.id, folderIds: facts.value.folderIds }
})

async function make(): Promise<void> {
  if (props.thing === null || address.value !== '') return
  address.value = (await given.make(props.thing.kind, props.thing.id, until.value, note.value.trim())) ?? ''
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
</script>

<template>
  <PaperDialog
    :open="thing !== null"
    :width="560"
    label="Give"
    help="give"
    :title="`Give ${name}`"
    @leave="emit('close')">
    <form class="sentence" @submit.prevent="make">
      <p>
        Let whoever has the link read
        {{ thing?.kind === 'folder' ? 'it with all below, also what comes later,' : 'it as it is at the time,' }}
        until
        <DayField class="day" label="Until when; empty: until it is ended" :day="until" @change="until = $event" />
      </p>
      <p>
        <label class="whom"
          >To remember whom it is for:
          <LineField v-model="note" class="line-field" placeholder="the evening class" autocomplete="off"
        /></label>
      </p>
      <p class="second">
        They need no account. They see its name and contents, and nothing above or beside it; not your tags, remarks and
        colours of documents.
      </p>
      <p v-if="given.refused" class="warn" role="alert">{{ given.refused }}</p>
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
    </form>
    <h3 class="part-head">Who may read it</h3>
    <WhoMay v-if="meant" :thing="meant" />
    <template #acts>
      <v-btn v-if="address === ''" class="act main" @click="make">Make the link</v-btn>
      <v-btn class="act" @click="emit('close')">
        {{ address === '' ? 'Keep it to myself' : 'Close' }} <span class="key">Esc</span>
      </v-btn>
    </template>
  </PaperDialog>
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
.part-head {
  margin-top: 8px;
}
</style>
