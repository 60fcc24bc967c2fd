<script setup lang="ts">
// A draft: written at the left, and at the right what applying it would do.
import { usePageTitle } from '../../composables/usePageTitle'
import { useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import { pathOf } from '../../../core/tree/index'
import { PLAIN_NUMBERING } from '../../../core/numbering/index'
import type { FolderId } from '../../../core/ids'
import RemoteState from '../../components/common/RemoteState.vue'
import DraftHead from '../../components/draft/DraftHead.vue'
import DraftMeanwhile from '../../components/draft/DraftMeanwhile.vue'
import DraftEditor from '../../components/draft/DraftEditor.vue'
import DraftPreview from '../../components/draft/DraftPreview.vue'
import LineFields from '../../components/draft/LineFields.vue'
import DraftHints from '../../components/draft/DraftHints.vue'
import RemovedFolders from '../../components/draft/RemovedFolders.vue'
import RootNumbers from '../../components/draft/RootNumbers.vue'
import { filesByFolder } from '../../composables/filesByFolder'
import { notesOf, summaryOf } from '../../stores/comparedTexts'
import { useDraft } from '../../stores/draft'
import { useDraftComparison } from '../../stores/draftComparison'
import { useDraftFiles } from '../../stores/draftFiles'
import { useDraftText } from '../../stores/draftText'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useColourKey } from '../../stores/colourKey'
import { useJustMade } from '../../stores/justMade'
import { useView } from '../../stores/view'
import { useUploads } from '../../stores/uploads'

const route = useRoute()
const router = useRouter()
const [draft, plan, files, uploads] = [useDraft(), usePlan(), useDraftFiles(), useUploads()]
const [draftText, comparison] = [useDraftText(), useDraftComparison()]
const [justMade, view] = [useJustMade(), useView()]
const placeNames = usePlaceNames()
const colourKey = useColourKey()
usePageTitle(() => (draft.name === '' ? '' : `Draft: ${draft.name}`))
const editor = ref<InstanceType<typeof DraftEditor> | null>(null)
const at = ref({ line: 0, text: '' })
const refused = ref('')
const applying = ref(false)

watch(
  () => String(route.params.id),
  id => void draft.load(id),
  { immediate: true },
)
onBeforeUnmount(() => draft.close())
// A window that is put away or closed keeps what was typed last.
useEventListener(document, 'visibilitychange', () => {
  if (document.hidden && draft.keeping !== 'kept') void draft.keep()
})

const compared = computed(() => comparison.compared)
const where = computed(() =>
  draft.rootId === null
    ? draft.additive
      ? 'the plan'
      : 'the whole plan'
    : (placeNames.placeOf(draft.rootId)?.text ?? 'a folder that is gone'),
)
const present = computed(
  () =>
    (draft.rootId === null ? plan.reply?.plan.numbering : plan.numbered.codes.get(draft.rootId)?.childNumbering) ??
    PLAIN_NUMBERING,
)
const inkOf = (meaning: string) =>
  colourKey.meanings.find(known => known.name.toLowerCase() === meaning.toLowerCase())?.ink ?? null

const notes = computed(() => (compared.value ? notesOf(compared.value) : []))
const summary = computed(() => (compared.value ? summaryOf(compared.value) : 'Comparing with the plan…'))
const blocked = computed(() => compared.value?.faults[0] ?? null)

async function apply(): Promise<void> {
  if (applying.value || draft.isRootGone) return
  if (blocked.value) {
    editor.value?.goTo(blocked.value.line)
    refused.value = blocked.value.why
    return
  }
  applying.value = true
  refused.value = ''
  const { rootId } = draft
  const id = String(route.params.id)
  const rows = compared.value?.rows ?? []
  const outcome = await draft.apply()
  applying.value = false
  if (!outcome.ok) {
    refused.value = outcome.reason.message
    return
  }
  const ids = outcome.ids ?? []
  showMade(
    ids.filter((_, index) => rows[index]?.states.includes('new')),
    rootId,
  )
  await router.push(rootId === null ? '/plan' : `/plan/${rootId}`)
  uploads.send(
    [...filesByFolder(rows, ids, files.take(id))].flatMap(([folderId, chosen]) =>
      chosen.map(file => ({ file, folderId, clash: 'both' as const })),
    ),
  )
}

/** What was made stands open in the outline, with what it lies in, and is marked there and on the page. */
function showMade(made: readonly FolderId[], rootId: FolderId | null): void {
  justMade.mark(made)
  view.setOpen([...pathOf(plan.tree, rootId).map(folder => folder.id), ...made.slice(0, OPENED_AT_MOST)], true)
}
const OPENED_AT_MOST = 200

async function discard(): Promise<void> {
  await draft.discard()
  await router.push('/draft')
}

function choose(ids: readonly FolderId[], to: Parameters<typeof comparison.choices.set>[1]): void {
  const next = new Map(comparison.choices)
  for (const id of ids) next.set(id, to)
  comparison.choices = next
}
</script>

<template>
  <RemoteState :remote="draft.open" @again="draft.load(String(route.params.id))">
    <div class="draft">
      <section class="write" aria-label="The draft">
        <DraftHead :where="where" @search="editor?.search()" />
        <DraftMeanwhile />
        <LineFields
          :text="at.text"
          :meanings="colourKey.meanings"
          @set="editor?.setLine(at.line, $event)"
          @indent="editor?.indent()"
          @outdent="editor?.outdent()"
          @up="editor?.up()"
          @down="editor?.down()" />
        <DraftEditor
          ref="editor"
          class="editor"
          :content="draftText.handed"
          :notes="notes"
          @write="draft.write"
          @at="(line, text) => (at = { line, text })"
          @apply="apply" />
      </section>
      <section class="see" aria-label="What would happen">
        <RootNumbers :present="present" :wanted="draftText.numbering" @want="draftText.numbering = $event" />
        <p class="summary" role="status">
          {{ summary }}
        </p>
        <DraftHints v-if="compared" :hints="compared.hints" @line="editor?.goTo($event)" />
        <RemovedFolders v-if="compared" :removed="compared.removed" :choices="comparison.choices" @choose="choose" />
        <DraftPreview
          v-if="compared"
          :compared="compared"
          :ink-of="inkOf"
          :root-ink="draft.rootId === null ? null : (placeNames.placeOf(draft.rootId)?.ink ?? null)"
          @line="editor?.goTo($event)" />
        <p v-if="files.countOf(String(route.params.id)) > 0" class="second">
          {{ counted(files.countOf(String(route.params.id)), 'document') }} of the desktop folder come in when it is
          applied.
        </p>
        <p v-if="refused" class="warn" role="alert">
          {{ refused }}
        </p>
        <p class="acts">
          <v-btn
            class="act full"
            :disabled="!compared || (comparison.changes === 0 && !blocked) || draft.isRootGone || applying"
            @click="apply">
            Apply {{ counted(comparison.changes, 'change') }} <span class="key">Ctrl+Enter</span>
          </v-btn>
          <NuxtLink to="/draft" class="act"> Keep as draft </NuxtLink>
          <v-btn class="act" @click="discard">Discard</v-btn>
        </p>
      </section>
    </div>
  </RemoteState>
</template>

<style scoped>
.draft {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  flex: 1;
  min-height: 0;
  height: 100%;
}
section {
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 16px 20px 12px;
}
.write {
  border-right: 1px solid var(--rule-strong);
}
.editor {
  flex: 1;
}
.summary {
  padding: 8px 0 4px;
  color: var(--ink-2);
}
.acts {
  display: flex;
  gap: 8px;
  padding-top: 10px;
  flex: none;
}
@media (max-width: 899px) {
  .draft {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) minmax(0, 1fr);
  }
  .write {
    border-right: 0;
    border-bottom: 1px solid var(--rule-strong);
  }
}
</style>
