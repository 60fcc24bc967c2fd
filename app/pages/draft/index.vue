<script setup lang="ts">
// Where drafts begin, and those that wait.
import { computed, ref } from 'vue'
import { counted } from '../../../core/change/index'
import { agoText } from '../../../core/dates/index'
import { growDraft, linesOf, SKELETONS } from '../../../core/draft/index'
import type { FolderId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import RemoteState from '../../components/common/RemoteState.vue'
import PeriodForm from '../../components/draft/PeriodForm.vue'
import { filesWithPaths, pickedWithPaths } from '../../composables/droppedFiles'
import { useDraftStart } from '../../composables/useDraftStart'
import { useNow } from '../../composables/useNow'
import { useDrafts } from '../../stores/drafts'
import { usePlaceNames } from '../../stores/placeNames'
import { useColourKey } from '../../stores/colourKey'
import FileChooser from '../../components/base/FileChooser.vue'
import TickBox from '../../components/base/TickBox.vue'
import FolderField from '../../components/places/FolderField.vue'

const route = useRoute()
const drafts = useDrafts()
const placeNames = usePlaceNames()
const colourKey = useColourKey()
const start = useDraftStart()
const now = useNow()
void drafts.load()

const root = ref<FolderId | ''>(tryParseId<'folder'>(String(route.query.root ?? '')) ?? '')
const rootId = computed(() => root.value || null)
const skeletons = computed(() => [
  ...(drafts.loaded.state === 'ready'
    ? drafts.loaded.value.skeletons.map(skeleton => ({ ...skeleton, about: 'kept by you', own: true }))
    : []),
  ...SKELETONS.map(skeleton => ({ ...skeleton, own: false })),
])
const foldersIn = (outline: string) => growDraft(linesOf(outline)).folders.length

const withDocuments = ref(true)
const isOver = ref(false)
async function dropped(event: DragEvent): Promise<void> {
  isOver.value = false
  const files = await filesWithPaths([...(event.dataTransfer?.items ?? [])])
  if (files.length > 0) await start.desktop(files, rootId.value, withDocuments.value)
}

const filePicker = ref<InstanceType<typeof FileChooser> | null>(null)
const folderPicker = ref<InstanceType<typeof FileChooser> | null>(null)
</script>

<template>
  <div
    class="begin"
    :class="{ over: isOver }"
    @dragover.prevent="isOver = true"
    @dragleave.self="isOver = false"
    @drop.prevent="dropped">
    <div class="column">
      <h1>Draft the plan</h1>
      <p class="second">A draft is written like a list, and shows what would happen before anything happens.</p>
      <label class="where"
        >Where
        <FolderField v-model="root" label="Where the folders go" :others="[{ value: '', text: 'the top of the plan' }]"
      /></label>
      <p v-if="start.refused.value" class="warn" role="alert">
        {{ start.refused.value }}
      </p>
      <h2 class="part-head">Begin</h2>
      <p class="row">
        <v-btn class="act main" @click="start.empty(rootId)">An empty draft</v-btn
        ><span class="second">write or paste an outline; what is there stays</span>
      </p>
      <p class="row">
        <v-btn class="act main" @click="start.present(rootId)">
          {{ rootId ? 'This branch as it is' : 'The plan as it is' }}</v-btn><span class="second"
          >rename, move and number what is there; documents go with their folders</span
        >
      </p>
      <p class="row">
        <v-btn class="act main" @click="filePicker?.open()">A file…</v-btn
        ><span class="second">OPML, CSV or TSV, Markdown, plain text</span>
      </p>
      <p class="row">
        <v-btn class="act main" @click="folderPicker?.open()">A folder of the desktop…</v-btn
        ><TickBox v-model="withDocuments" class="second">with its documents; it can be dropped here as well</TickBox>
      </p>
      <FileChooser
        ref="filePicker"
        label="A file with an outline"
        accept=".opml,.xml,.csv,.tsv,.md,.txt"
        @picked="([one]) => one && start.file(one, rootId)" />
      <FileChooser
        ref="folderPicker"
        label="A folder of the desktop"
        folder
        @picked="files => start.desktop(pickedWithPaths(files), rootId, withDocuments)" />
      <h2 class="part-head">Next period</h2>
      <PeriodForm :meanings="colourKey.meanings" :branch="rootId" @begin="start.period" />
    </div>
    <div class="column">
      <RemoteState :remote="drafts.loaded" @again="drafts.load()">
        <template v-if="drafts.loaded.state === 'ready' && drafts.loaded.value.drafts.length > 0">
          <h2 class="part-head">Drafts that wait</h2>
          <ul class="list">
            <li v-for="draft in drafts.loaded.value.drafts" :key="draft.id">
              <NuxtLink class="place cut" :to="`/draft/${draft.id}`">
                {{ draft.name || 'without a name' }}
              </NuxtLink>
              <span class="second cut"
                >{{ draft.rootId ? (placeNames.placeOf(draft.rootId)?.text ?? 'a folder that is gone') : 'the plan' }} ·
                {{ draft.lines.toLocaleString('en-GB') }} lines · {{ agoText(draft.changedAt, now) }}</span
              >
              <v-btn
                class="act"
                :aria-label="`Discard ${draft.name || 'the draft without a name'}`"
                @click="drafts.discard(draft.id)">
                Discard
              </v-btn>
            </li>
          </ul>
        </template>
        <h2 class="part-head">Skeletons</h2>
        <ul class="list">
          <li v-for="skeleton in skeletons" :key="skeleton.id" class="skeleton">
            <v-btn class="place cut" @click="start.skeleton(skeleton.name, skeleton.outline, rootId)">
              {{ skeleton.name }}
            </v-btn>
            <span class="second cut" :title="skeleton.outline">{{ skeleton.about }}</span>
            <span class="quiet right">{{ counted(foldersIn(skeleton.outline), 'folder') }}</span>
            <v-btn
              v-if="skeleton.own"
              class="act"
              :aria-label="`Drop the skeleton ${skeleton.name}`"
              @click="drafts.dropSkeleton(skeleton.id)">
              Drop
            </v-btn>
          </li>
        </ul>
        <p class="quiet">Keep any branch as a skeleton from its page, under More.</p>
      </RemoteState>
    </div>
  </div>
</template>

<style scoped>
.begin {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: 20px 44px;
  padding: 22px max(24px, calc((100vw - 1120px) / 2)) 30px;
  align-content: start;
}
.begin.over {
  box-shadow: inset 0 0 0 2px var(--act);
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.part-head {
  margin-top: 20px;
  margin-bottom: 8px;
}
.where {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-top: 14px;
  color: var(--ink-2);
}
.where .folder-field {
  max-width: 320px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 4px 0;
}
.row .act {
  min-width: 178px;
}
.row > :last-child {
  flex: 1 1 200px;
}
.list {
  list-style: none;
  padding: 0;
  margin-bottom: 6px;
}
.list li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.5fr) 70px;
  gap: 10px;
  align-items: center;
  min-height: var(--row);
  border-bottom: 1px solid var(--rule);
}
.list .skeleton {
  grid-template-columns: 182px minmax(0, 1fr) 72px 46px;
}
.right {
  text-align: right;
}
.list li:first-child {
  border-top: 2px solid var(--ink);
}
</style>
