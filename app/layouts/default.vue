<script setup lang="ts">
// The shell: tabs above, the page, the bottom line; and what belongs to no page: drags, uploads, dialogs.
import { computed, onMounted } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { nameThings } from '../../core/change/index'
import { offer, runPressed } from '../acts/offer'
import { useOffered } from '../acts/offered'
import { PLAIN_ACTS } from '../acts/registry'
import QuestionsDialog from '../components/dialogs/QuestionsDialog.vue'
import BundleDialog from '../components/dialogs/BundleDialog.vue'
import CompareDialog from '../components/dialogs/CompareDialog.vue'
import NamesDialog from '../components/dialogs/NamesDialog.vue'
import LinkDialog from '../components/dialogs/LinkDialog.vue'
import ColourKeyDialog from '../components/dialogs/ColourKeyDialog.vue'
import GatherDialog from '../components/dialogs/GatherDialog.vue'
import MergeDialog from '../components/dialogs/MergeDialog.vue'
import MoveDialog from '../components/dialogs/MoveDialog.vue'
import PlaceDialog from '../components/dialogs/PlaceDialog.vue'
import NumberingDialog from '../components/folder/NumberingDialog.vue'
import GuestNotice from '../components/shell/GuestNotice.vue'
import AwayNotice from '../components/shell/AwayNotice.vue'
import ColourDialog from '../components/dialogs/ColourDialog.vue'
import StoryDialog from '../components/dialogs/StoryDialog.vue'
import TagDialog from '../components/dialogs/TagDialog.vue'
import AreaDialog from '../components/give/AreaDialog.vue'
import GiveDialog from '../components/give/GiveDialog.vue'
import HandOutDialog from '../components/give/HandOutDialog.vue'
import BottomLine from '../components/shell/BottomLine.vue'
import FilePicker from '../components/shell/FilePicker.vue'
import GoToField from '../components/shell/GoToField.vue'
import HandBar from '../components/shell/HandBar.vue'
import ChoiceBar from '../components/shell/ChoiceBar.vue'
import DragHint from '../components/shell/DragHint.vue'
import KeysDialog from '../components/shell/KeysDialog.vue'
import SkipLink from '../components/shell/SkipLink.vue'
import TopStrip from '../components/shell/TopStrip.vue'
import HandOverDialog from '../components/give/HandOverDialog.vue'
import LockDialog from '../components/lock/LockDialog.vue'
import UnlockDialog from '../components/lock/UnlockDialog.vue'
import JotDialog from '../components/tray/JotDialog.vue'
import UploadPanel from '../components/shell/UploadPanel.vue'
import { useOpenPlace } from '../composables/useOpenPlace'
import { useTellingPlace } from '../composables/useTellingPlace'
import { usePasting } from '../composables/usePasting'
import { usePlanEvents } from '../composables/usePlanEvents'
import { useShortcuts } from '../composables/useShortcuts'
import { useAccessRequests } from '../stores/accessRequests'
import { useActs } from '../stores/acts'
import { useDialogs } from '../stores/dialogs'
import { useHand } from '../stores/hand'
import { useLastCopy } from '../stores/lastCopy'
import { usePlan } from '../stores/plan'
import { useHandovers } from '../stores/handovers'
import { useLocks } from '../stores/locks'
import { useReceived } from '../stores/received'
import { useSession } from '../stores/session'
import { useUploads } from '../stores/uploads'
import { useView } from '../stores/view'

const [plan, acts, session, dialogs, uploads, view] = [
  usePlan(),
  useActs(),
  useSession(),
  useDialogs(),
  useUploads(),
  useView(),
]
const received = useReceived()
const [requests, locks, handovers] = [useAccessRequests(), useLocks(), useHandovers()]
const hand = useHand()
const lastCopy = useLastCopy()
const openPlace = useOpenPlace()
const [route, router] = [useRoute(), useRouter()]
const { away } = usePlanEvents(() => void leave({ to: route.fullPath }))

onMounted(() => {
  void plan.load()
  void received.load()
  void requests.load()
  void locks.load()
  void handovers.load()
  void filePointer()
  void acts.refresh()
})

/** The page of a link leads here, to file a pointer to it. */
async function filePointer(): Promise<void> {
  const { pointer, ...query } = route.query
  if (typeof pointer !== 'string') return
  await router.replace({ query })
  await received.fileLink(pointer)
}

usePasting(() => openPlace.value)
useTellingPlace(openPlace)

const plainActs = computed(() => offer(PLAIN_ACTS, null))
useOffered(() => '', plainActs)
useShortcuts(event => {
  const isPaste = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'v'
  // What was copied last, once more; what is in hand is put down by its act.
  if (
    isPaste &&
    hand.items.length === 0 &&
    lastCopy.items.length > 0 &&
    !lastCopy.wasAway &&
    openPlace.value !== undefined
  )
    void hand.putDownAgain()
  else return runPressed(plainActs.value, event)
  return true
})

const moveWhat = computed(() => {
  const request = dialogs.move
  if (!request) return ''
  const things = (ids: readonly string[]) => ids.map(() => ({ name: request.name }))
  return nameThings(things(request.folderIds), things(request.documentIds))
})

async function signOut(): Promise<void> {
  await session.signOut()
  await leave({})
}

/** Nothing of the plan stays in the window of somebody who is signed out. */
async function leave(query: Record<string, string>): Promise<void> {
  plan.forget()
  acts.forget()
  received.forget()
  await navigateTo({ path: '/sign-in', query })
}
</script>

<template>
  <div class="shell">
    <SkipLink />
    <TopStrip
      :email="session.email"
      :person="session.name"
      :theme="view.saved.theme"
      @sign-out="signOut"
      @theme="view.saved.theme = $event"
      @keys="dialogs.keys = true"
      @do="dialogs.goTo = true" />
    <GuestNotice />
    <AwayNotice :away="away" />
    <main class="page">
      <slot />
    </main>
    <ChoiceBar />
    <HandBar />
    <BottomLine />
    <UploadPanel />
    <DragHint @files="(files, to) => uploads.bring(files, to)" />
    <MoveDialog :request="dialogs.move" :what="moveWhat" @close="dialogs.move = null" />
    <PlaceDialog :request="dialogs.place" @close="dialogs.place = null" />
    <CompareDialog :request="dialogs.compare" @close="dialogs.compare = null" />
    <NamesDialog :ids="dialogs.names" @close="dialogs.names = null" />
    <BundleDialog :ids="dialogs.bundle" @close="dialogs.bundle = null" />
    <GatherDialog />
    <LinkDialog />
    <TagDialog :things="dialogs.tag" @close="dialogs.tag = []" />
    <ColourDialog :things="dialogs.colour" @close="dialogs.colour = []" />
    <GiveDialog :things="dialogs.give" @close="dialogs.give = []" />
    <AreaDialog :documents="dialogs.area" @close="dialogs.area = []" />
    <HandOverDialog :thing="dialogs.handOver" @close="dialogs.handOver = null" />
    <LockDialog :things="dialogs.lock" @close="dialogs.lock = []" />
    <UnlockDialog :thing="dialogs.unlock" @close="dialogs.unlock = null" />
    <HandOutDialog :request="dialogs.handOut" @close="dialogs.handOut = null" />
    <StoryDialog :thing="dialogs.story" @close="dialogs.story = null" />
    <FilePicker :to="openPlace ?? null" />
    <JotDialog :open="dialogs.jot" @close="dialogs.jot = false" />
    <GoToField :open="dialogs.goTo" @close="dialogs.goTo = false" />
    <NumberingDialog
      :folder-id="dialogs.numbering?.folderId"
      :renumber="dialogs.numbering?.renumber ?? null"
      @close="dialogs.numbering = null" />
    <QuestionsDialog :request="dialogs.questions?.request ?? null" @answer="dialogs.questions?.answer($event)" />
    <MergeDialog :from-id="dialogs.merge" @close="dialogs.merge = null" @merged="navigateTo(`/plan/${$event}`)" />
    <ColourKeyDialog :open="dialogs.colours" @close="dialogs.colours = false" />
    <KeysDialog :open="dialogs.keys" @close="dialogs.keys = false" />
  </div>
</template>

<style scoped>
.shell {
  height: 100dvh;
  display: flex;
  flex-direction: column;
  overflow: hidden;
}
@media (max-width: 620px) {
  .shell {
    padding-bottom: var(--foot);
  }
}
.page {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
</style>
