<script setup lang="ts">
// Writing a memo: name, text, tags; kept while one writes.
import { usePageTitle } from '../../composables/usePageTitle'
import { useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { DocumentId, FolderId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import { quoted } from '../../../core/change/index'
import type { ThingItem } from '../../acts/act'
import { useOffered } from '../../acts/offered'
import { useThings } from '../../acts/useThings'
import DocumentCard from '../../components/card/DocumentCard.vue'
import PlaceLinks from '../../components/common/PlaceLinks.vue'
import LockedSheet from '../../components/lock/LockedSheet.vue'
import MemoEditor from '../../components/memo/MemoEditor.vue'
import OutlineSide from '../../components/shell/OutlineSide.vue'
import SidePanels from '../../components/shell/SidePanels.vue'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { isTyping } from '../../composables/useShortcuts'
import { useKeeping } from '../../stores/keeping'
import { lockIdOf, useLocks } from '../../stores/locks'
import { useMemo } from '../../stores/memo'
import { beginningOf } from '../../stores/memoPatterns'
import { useTagList } from '../../stores/tagList'
import LineField from '../../components/base/LineField.vue'

const [memo, keeping] = [useMemo(), useKeeping()]
const tagList = useTagList()
usePageTitle(() => memo.name.trim())
const route = useRoute()
const router = useRouter()
const folderId = computed<FolderId | null>(() => tryParseId<'folder'>(String(route.query.folder ?? '')))
const places = computed(() => memo.document?.folderIds ?? [folderId.value])

const open = (id: DocumentId) =>
  memo.open(id, folderId.value, () => beginningOf(String(route.query.pattern ?? ''), folderId.value))
watch(
  () => route.params.id,
  async id => {
    const parsed = tryParseId<'document'>(String(id))
    if (!parsed) {
      void router.replace('/plan')
      return
    }
    await open(parsed)
  },
  { immediate: true },
)

// What is locked is not shown any more, and is again once it is unlocked; what was typed is kept in the browser.
const locks = useLocks()
const lockId = ref<string | null>(null)
watch(
  () => memo.document,
  document => {
    if (document) lockId.value = document.lockId
  },
)
watch(
  () => lockId.value !== null && locks.openUntil(lockId.value),
  (_, before) => {
    if (memo.id && before !== false) void open(memo.id)
  },
)
onPlanEvent(async event => {
  const { id } = memo
  if (event.type === 'locks' && id && memo.document && (await lockIdOf(id)) !== lockId.value) await open(id)
})

// What is typed before the editor is there is not lost: it is the beginning of the text.
const early = ref('')
const isWriting = computed(() => memo.id !== null && (memo.state === 'ready' || memo.state === 'keeping'))
useEventListener(document, 'keydown', event => {
  if (
    isWriting.value ||
    memo.state === 'gone' ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    isTyping(event.target)
  )
    return
  if (event.key.length === 1) early.value += event.key
  else if (event.key === 'Enter') early.value += '\n'
  else if (event.key === 'Backspace') early.value = early.value.slice(0, -1)
  else return
  event.preventDefault()
})
watch(
  isWriting,
  is => {
    if (!is || early.value === '') return
    memo.write(memo.text + early.value)
    early.value = ''
  },
  { flush: 'sync' },
)

onBeforeUnmount(() => void memo.keep())
useEventListener(document, 'visibilitychange', () => {
  if (document.visibilityState === 'hidden') void memo.keep()
})
useEventListener(window, 'beforeunload', () => void memo.keep())

async function close(): Promise<void> {
  if (!(await memo.keep())) return
  const home = memo.document ? memo.document.folderIds[0] : folderId.value
  await router.push(
    home
      ? { path: `/plan/${home}`, query: memo.document ? { doc: memo.document.id } : {} }
      : memo.document
        ? '/in-tray'
        : '/plan',
  )
}

const items = computed<readonly ThingItem[]>(() => {
  const { document } = memo
  if (!document) return []
  const { id, name, starred, extension, tagIds, lockId } = document
  return [{ key: id, kind: 'document', id, name, starred, extension, tagIds, locked: lockId !== null }]
})
const things = useThings(items, { rename: () => nameField.value?.focus(), show: () => void close() })
useOffered(() => quoted(memo.name), things.acts)
const nameField = ref<InstanceType<typeof LineField> | null>(null)

const said = computed(() =>
  memo.state === 'keeping'
    ? 'keeping…'
    : memo.refused !== ''
      ? memo.refused
      : memo.isDirty
        ? 'not in the plan yet'
        : memo.document
          ? 'kept'
          : 'nothing written yet',
)
</script>

<template>
  <SidePanels has-card>
    <template #outline>
      <OutlineSide :current="places[0] ?? null" />
    </template>
    <div class="page">
      <h1 class="unseen">{{ memo.name || 'Memo' }}</h1>
      <p class="where">
        <PlaceLinks :folder-ids="places" />
      </p>
      <div class="head">
        <LineField
          ref="nameField"
          v-model="memo.name"
          class="line-field name"
          aria-label="Name of the memo"
          placeholder="Name"
          @keydown.stop />
        <span class="second" role="status" :class="{ warn: memo.refused !== '' }">{{ said }}</span>
        <v-btn class="act" @click="memo.keep()">Keep <span class="key">Ctrl+S</span></v-btn>
        <v-btn class="act main" @click="close">Done</v-btn>
      </div>
      <MemoEditor
        v-if="memo.id && (memo.state === 'ready' || memo.state === 'keeping')"
        :key="memo.id"
        :text="memo.text"
        :tag-names="tagList.tags.map(tag => tag.name)"
        :picture="file => keeping.keepPicture(file, places[0] ?? null)"
        @write="memo.write"
        @keep="memo.keep()"
        @tag="memo.tag" />
      <LockedSheet v-else-if="memo.state === 'gone' && memo.document?.lockId" :document="memo.document" />
      <p v-else-if="memo.state === 'gone'" class="warn">
        {{ memo.refused }}
      </p>
      <p v-if="memo.wantedTags.length > 0" class="quiet">tags: {{ memo.wantedTags.join(', ') }}</p>
    </div>
    <template #card>
      <DocumentCard v-if="memo.document" :id="memo.document.id" in-reader :acts="things.acts.value" />
      <p v-else class="quiet">
        The memo is in the plan as soon as something is written.<br /><br />Type <b>@@</b> in the text to put a tag on
        it. Memos that carry the tag “pattern” are offered when a new one is begun; in them {date}, {time} and {folder}
        are filled in.
      </p>
    </template>
  </SidePanels>
</template>

<style scoped>
.page {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  padding: 6px clamp(14px, 3vw, 40px) 18px;
  gap: 8px;
}
.head {
  display: flex;
  align-items: center;
  gap: 10px;
}
.name {
  font-family: var(--serif);
  font-size: 18px;
  font-weight: 600;
  flex: 1;
  padding: 6px 10px;
}
.head .second {
  font-size: 12.5px;
  max-width: 150px;
  text-align: right;
}
</style>
