<script setup lang="ts">
// Gives a folder, a document or the whole plan: to people, or by a link. Below stands who has it already.
import { computed, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import type { GivenThing } from '../../../core/access/index'
import type { GiveTarget } from '../../stores/dialogs'
import { readDocument } from '../../stores/content'
import { useGiven } from '../../stores/given'
import { useNotice } from '../../stores/notice'
import { usePlaceNames } from '../../stores/placeNames'
import { refusalOf } from '../../stores/remote'
import PaperDialog from '../common/PaperDialog.vue'
import LinkSentence from './LinkSentence.vue'
import PeopleSentence from './PeopleSentence.vue'
import WhoMay from './WhoMay.vue'

const props = defineProps<{ thing: GiveTarget | null }>()
const emit = defineEmits<{ close: [] }>()

const [given, notices, placeNames] = [useGiven(), useNotice(), usePlaceNames()]
const byLink = ref(false)
const facts = ref<DocumentFacts | null>(null)
const sentence = ref<{ send: () => Promise<void>; isDone: boolean; isReady: boolean } | null>(null)

watch(
  () => props.thing,
  async thing => {
    given.refused = ''
    byLink.value = false
    facts.value = null
    if (thing?.kind !== 'document') return
    try {
      facts.value = await readDocument(thing.id)
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
  },
)
const name = computed(() => {
  if (props.thing?.kind === 'plan') return 'the whole plan'
  if (props.thing?.kind === 'folder') return placeNames.placeOf(props.thing.id)?.text ?? ''
  return `“${props.thing?.name ?? ''}”`
})
const meant = computed<GivenThing | 'plan' | null>(() => {
  if (props.thing?.kind === 'plan') return 'plan'
  if (props.thing?.kind === 'folder') return { kind: 'folder', id: props.thing.id }
  return facts.value && { kind: 'document', id: facts.value.id, folderIds: facts.value.folderIds }
})

function change(): void {
  byLink.value = !byLink.value
  given.refused = ''
}

async function send(): Promise<void> {
  await sentence.value?.send()
  if (!byLink.value && sentence.value?.isDone) emit('close')
}
</script>

<template>
  <PaperDialog
    :open="thing !== null"
    :width="620"
    label="Give"
    help="give"
    :title="`Give ${name}`"
    @leave="emit('close')">
    <template v-if="thing && meant">
      <form @submit.prevent="send">
        <LinkSentence v-if="byLink && thing.kind !== 'plan'" ref="sentence" :thing="thing" />
        <PeopleSentence v-else ref="sentence" :thing="thing" :meant="meant" />
        <p v-if="given.refused" class="warn" role="alert">{{ given.refused }}</p>
      </form>
      <h3 class="part-head">Who may</h3>
      <WhoMay :thing="meant" />
    </template>
    <template #acts>
      <v-btn v-if="thing?.kind !== 'plan'" class="place other" @click="change">
        {{ byLink ? 'or give it to people…' : 'or make a link…' }}
      </v-btn>
      <v-btn v-if="!sentence?.isDone" class="act main" :disabled="!sentence?.isReady" @click="send">
        {{ byLink ? 'Make the link' : 'Give it' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">
        {{ byLink && sentence?.isDone ? 'Close' : 'Keep it to myself' }} <span class="key">Esc</span>
      </v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.part-head {
  margin-top: 12px;
}
.other {
  margin-right: auto;
}
</style>
