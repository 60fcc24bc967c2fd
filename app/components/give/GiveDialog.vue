<script setup lang="ts">
// Gives a folder, a document, several of them or the whole plan: to people, by a link, or copies by mail. Below stands
// who has it already.
import { computed, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import type { GivenThing } from '../../../core/access/index'
import { namedFirst, nameThings } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import { useAreas } from '../../stores/areas'
import type { GiveTarget } from '../../stores/dialogs'
import { useDialogs } from '../../stores/dialogs'
import { readDocument } from '../../stores/content'
import { useGiven } from '../../stores/given'
import { useLocks } from '../../stores/locks'
import { useNotice } from '../../stores/notice'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { refusalOf } from '../../stores/remote'
import EnterSends from '../base/EnterSends.vue'
import PaperDialog from '../common/PaperDialog.vue'
import LinkSentence from './LinkSentence.vue'
import MailSentence from './MailSentence.vue'
import PeopleSentence from './PeopleSentence.vue'
import WhoMay from './WhoMay.vue'

const props = defineProps<{ things: readonly GiveTarget[] }>()
const emit = defineEmits<{ close: [] }>()

const [given, notices, placeNames, plan] = [useGiven(), useNotice(), usePlaceNames(), usePlan()]
const [areas, dialogs, locks] = [useAreas(), useDialogs(), useLocks()]
/** How it is given. */
type Way = 'people' | 'link' | 'mail'
const way = ref<Way>('people')
const facts = ref<DocumentFacts | null>(null)
const sentence = ref<{ send: () => Promise<void>; isDone: boolean; isReady: boolean } | null>(null)

/** What it is about; null: several. */
const only = computed(() => (props.things.length === 1 ? (props.things[0] ?? null) : null))
watch(
  () => props.things,
  async () => {
    const thing = only.value
    given.refused = ''
    way.value = 'people'
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
  const thing = only.value
  if (!thing) return nameThings(of('folder'), of('document'))
  if (thing.kind === 'plan') return 'the whole plan'
  return thing.kind === 'folder' ? (placeNames.placeOf(thing.id)?.text ?? '') : `“${thing.name}”`
})
const of = (kind: GiveTarget['kind']) => props.things.filter(thing => thing.kind === kind)
/** Null: several, or not known yet. */
const meant = computed<GivenThing | 'plan' | null>(() => {
  const thing = only.value
  if (thing?.kind === 'plan') return 'plan'
  if (thing?.kind === 'folder') return { kind: 'folder', id: thing.id }
  return thing && facts.value && { kind: 'document', id: facts.value.id, folderIds: facts.value.folderIds }
})
/** Said before it happens: hand-ins, and whatever else was for one person, would be seen by all of these. */
const opened = computed(() => {
  const below = of('folder').flatMap(({ id }) => given.forOneBelow(id as FolderId))
  if (below.length === 0) return ''
  const places = namedFirst(
    below.map(id => placeNames.placeOf(id)?.text ?? ''),
    1,
  )
  return `In it lies what one person alone sees beside you so far: ${places}. Whoever has it would see that as well.`
})
/** What is locked is given by its name alone. */
const isLocked = computed(
  () => facts.value?.lockId != null || of('folder').some(({ id }) => locks.ofFolder(id) !== undefined),
)
/** The house rule: nothing is given but areas. */
const isRuled = computed(
  () =>
    plan.reply?.plan.areasOnly === true &&
    !props.things.every(({ kind, id }) => kind === 'folder' && plan.tree.byId.get(id)?.area),
)
const linked = computed(() => (only.value && only.value.kind !== 'plan' ? only.value : null))
const documents = computed(() => props.things.filter(thing => thing.kind === 'document'))

function putIntoArea(): void {
  dialogs.area = documents.value
  emit('close')
}

const OTHER_WAYS: Record<Way, string> = {
  people: 'or give it to people…',
  link: 'or make a link…',
  mail: 'or send copies by mail…',
}
/** One thing by a link, documents alone by mail. */
const otherWays = computed(() =>
  (['people', 'link', 'mail'] as const).filter(
    one =>
      one !== way.value &&
      (one !== 'link' || linked.value !== null) &&
      (one !== 'mail' || documents.value.length === props.things.length),
  ),
)
const SENDS: Record<Way, string> = { people: 'Give it', link: 'Make the link', mail: 'Send' }

function change(to: Way): void {
  way.value = to
  given.refused = ''
}

async function send(): Promise<void> {
  await sentence.value?.send()
  if (way.value !== 'link' && sentence.value?.isDone) emit('close')
}
</script>

<template>
  <PaperDialog
    :open="things.length > 0"
    :width="620"
    label="Give"
    help="give"
    :title="`Give ${name}`"
    @leave="emit('close')">
    <template v-if="isRuled">
      <p>
        In this plan nothing is given but areas: whoever may see an area sees what is put into it.
        <template v-if="documents.length < things.length"> Make an area of a folder to give it. </template>
      </p>
      <p class="second">
        The rule stands under <NuxtLink class="place" to="/people" @click="emit('close')">People</NuxtLink>.
      </p>
    </template>
    <template v-else-if="things.length > 0 && (meant || !only)">
      <form @submit.prevent="send">
        <LinkSentence v-if="way === 'link' && linked" ref="sentence" :thing="linked" />
        <MailSentence v-else-if="way === 'mail'" ref="sentence" :document-ids="documents.map(({ id }) => id)" />
        <PeopleSentence v-else ref="sentence" :things="things" :meant="meant" />
        <p v-if="opened" class="widening" role="status">{{ opened }}</p>
        <p v-if="isLocked && way !== 'mail'" class="second">
          It is locked: they see its name, and nothing of what is in it.
        </p>
        <p v-if="given.refused" class="warn" role="alert">{{ given.refused }}</p>
        <EnterSends />
      </form>
      <template v-if="meant && way !== 'mail'">
        <h3 class="part-head">Who may</h3>
        <WhoMay :thing="meant" />
      </template>
    </template>
    <template #acts>
      <p v-if="!isRuled" class="other">
        <v-btn v-for="one in otherWays" :key="one" class="place" @click="change(one)">{{ OTHER_WAYS[one] }}</v-btn>
      </p>
      <v-btn
        v-if="isRuled && documents.length > 0"
        class="act main"
        :disabled="areas.all.length === 0"
        @click="putIntoArea">
        Put into an area…
      </v-btn>
      <v-btn v-else-if="!isRuled && !sentence?.isDone" class="act main" :disabled="!sentence?.isReady" @click="send">
        {{ SENDS[way] }} <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">
        {{ way === 'link' && sentence?.isDone ? 'Close' : 'Keep it to myself' }} <span class="key">Esc</span>
      </v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.part-head {
  margin-top: 12px;
}
/* As where things are moved or filed. */
.widening {
  border-left: 3px solid var(--warn);
  background: var(--paper);
  padding: 6px 10px;
  margin: 8px 0;
}
.other {
  margin-right: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
</style>
