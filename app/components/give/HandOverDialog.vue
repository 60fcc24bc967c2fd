<script setup lang="ts">
// "Hand 1.3 Term over to Per Aske. I can still read it. Tell them: …": theirs once they take it over.
import { computed, nextTick, ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import { dateText } from '../../../core/dates/index'
import type { Role } from '../../../core/rows/index'
import type { GiveTarget } from '../../stores/dialogs'
import type { Grantee } from '../../stores/given'
import { useHandovers } from '../../stores/handovers'
import { useLocks } from '../../stores/locks'
import { usePlaceNames } from '../../stores/placeNames'
import { ROLE_VERBS, ROLES_FOR } from '../../stores/roleTexts'
import ChoiceField from '../base/ChoiceField.vue'
import EnterSends from '../base/EnterSends.vue'
import LineField from '../base/LineField.vue'
import PaperDialog from '../common/PaperDialog.vue'
import SentenceLine from './SentenceLine.vue'
import WhoField from './WhoField.vue'

const props = defineProps<{ thing: GiveTarget | null }>()
const emit = defineEmits<{ close: [] }>()

const [handovers, placeNames, locks] = [useHandovers(), usePlaceNames(), useLocks()]
const who = ref<InstanceType<typeof WhoField> | null>(null)
const noteField = ref<InstanceType<typeof LineField> | null>(null)
const to = ref<readonly Grantee[]>([])
const kept = ref<Role | ''>('read')
const [note, refused, busy] = [ref(''), ref(''), ref(false)]

watch(
  () => props.thing,
  async () => {
    to.value = []
    kept.value = 'read'
    note.value = refused.value = ''
    await nextTick()
    who.value?.focus()
  },
)
const name = computed(() => {
  const { thing } = props
  if (!thing) return ''
  if (thing.kind === 'plan') return 'the whole plan'
  return thing.kind === 'folder' ? (placeNames.placeOf(thing.id)?.text ?? thing.name) : `“${thing.name}”`
})
const offered = computed(() => handovers.outgoing.find(({ targetId }) => targetId === props.thing?.id))
const isLocked = computed(() => props.thing?.kind === 'folder' && locks.ofFolder(props.thing.id) !== undefined)
const choices = computed(() => [
  { value: '' as const, text: 'do nothing more with' },
  ...ROLES_FOR[props.thing?.kind === 'document' ? 'document' : 'folder'].map(value => ({
    value,
    text: `still ${ROLE_VERBS[value]}`,
  })),
])
const person = computed(() => to.value[0] ?? null)
// Who is chosen stands in place of the field: the keys go on, or back.
watch(person, async one => {
  await nextTick()
  if (one) noteField.value?.focus()
  else who.value?.focus()
})

async function send(): Promise<void> {
  const { thing } = props
  const { value: one } = person
  if (!thing || !one?.whoId || busy.value) return
  busy.value = true
  const offer = { target: thing.kind, targetId: thing.id, personId: one.whoId, note: note.value.trim() }
  const named = who.value?.nameOf(one) ?? ''
  refused.value = await handovers.offer({ ...offer, role: kept.value === '' ? null : kept.value }, name.value, named)
  busy.value = false
  if (refused.value === '') emit('close')
}

async function takeBack(): Promise<void> {
  if (offered.value) await handovers.takeBack(offered.value)
}
</script>

<template>
  <PaperDialog
    :open="thing !== null"
    :width="600"
    label="Hand over"
    help="give"
    :title="`Hand ${name} over`"
    @leave="emit('close')">
    <p v-if="offered">
      It is offered to <b>{{ offered.person }}</b> since {{ dateText(offered.createdAt) }}, with
      {{ counted(offered.documents, 'document') }} as it is now. Until they take it over it stays yours.
    </p>
    <form v-else @submit.prevent="send">
      <SentenceLine>
        To
        <WhoField ref="who" v-model="to" label="To whom" only-people only-one @refused="refused = $event" />
      </SentenceLine>
      <SentenceLine>
        I can
        <ChoiceField v-model="kept" class="kept" label="What I keep" :choices="choices" />
        it
      </SentenceLine>
      <SentenceLine>
        Tell them:
        <LineField
          ref="noteField"
          v-model="note"
          class="line-field note"
          aria-label="What they are told"
          placeholder="nothing more"
          autocomplete="off" />
      </SentenceLine>
      <p class="second">
        Nothing changes until they take it over. Then it is theirs, with
        {{ thing?.kind === 'document' ? 'all its versions' : 'all folders and documents in it' }}, colours, tags and
        remarks, and those who may see it still may. Here it goes into the Trash, and links to it lead nowhere.
        {{ thing?.kind === 'plan' ? 'What waits in your In-tray stays with you.' : '' }}
      </p>
      <p class="second">Undo does not take it back: whoever has it can hand it back.</p>
      <p v-if="isLocked" class="warn">It is locked. Take the lock off first, or they cannot take it over.</p>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn v-if="offered" class="act main" @click="takeBack">Take the offer back</v-btn>
      <v-btn v-else class="act main" :disabled="!person || busy" @click="send">
        Offer it <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" :data-begins="offered ? '' : undefined" @click="emit('close')">
        {{ offered ? 'Let it stand' : 'Keep it' }} <span class="key">Esc</span>
      </v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.kept {
  width: 190px;
  padding-left: 7px;
  background: var(--act-soft);
  border-bottom: 2px solid var(--act);
}
.note {
  flex: 1;
  min-width: 200px;
}
</style>
