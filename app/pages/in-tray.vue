<script setup lang="ts">
// Exactly the documents that have no place yet: look, name, place, next. Filing one takes it away from here.
import { computed, ref, watch } from 'vue'
import type { ListedDocument } from '../../contract/document'
import { counted } from '../../core/change/index'
import { fileNameOf } from '../../core/formats/index'
import type { DocumentItem } from '../acts/act'
import { documentItem } from '../acts/act'
import { PAGE_ACTS } from '../acts/onPages'
import { touchChoice } from '../acts/touchChoice'
import { usePlaceActs } from '../acts/usePlaceActs'
import { useThingList } from '../acts/useThingList'
import ActMenu from '../components/common/ActMenu.vue'
import RemoteState from '../components/common/RemoteState.vue'
import OutlineSide from '../components/shell/OutlineSide.vue'
import DocumentPreview from '../components/preview/DocumentPreview.vue'
import { useDocumentInView } from '../components/tray/documentInView'
import FilePanel from '../components/tray/FilePanel.vue'
import StepHead from '../components/tray/StepHead.vue'
import { useTrayActs } from '../components/tray/trayActs'
import TrayHead from '../components/tray/TrayHead.vue'
import TrayList from '../components/tray/TrayList.vue'
import TrayNews from '../components/tray/TrayNews.vue'
import { useDragging, useDropPlace } from '../composables/useDrag'
import { contentAddress } from '../stores/content'
import { useNotice } from '../stores/notice'
import { useFiling } from '../stores/filing'
import { usePlan } from '../stores/plan'
import { useDocumentList } from '../stores/documentList'
import { useIsPhone, useNoCardRoom } from '../composables/useRoom'

const [plan, documentList, filing, notices] = [usePlan(), useDocumentList(), useFiling(), useNotice()]
const router = useRouter()
const page = ref<HTMLElement | null>(null)
const tray = ref<InstanceType<typeof TrayList> | null>(null)
const panel = ref<InstanceType<typeof FilePanel> | null>(null)
const isNarrow = useNoCardRoom()
const isPhone = useIsPhone()
/** On a phone filing is a step of its own, over the list. */
const isStep = ref(false)
const showsPreview = ref(false)
const isDragging = useDragging()
const isReady = computed(() => documentList.place === 'in-tray' && documentList.loaded.state === 'ready')
const rows = computed<readonly ListedDocument[]>(() => (isReady.value ? documentList.rows : []))
useDropPlace(page, () => null)
void documentList.open('in-tray')

const items = computed(() => rows.value.map(documentItem))
const {
  list,
  acts: offered,
  menuAt,
  openMenu,
  dragged,
  press,
} = useThingList<DocumentItem>({
  items,
  typing: false,
  loadAll: documentList.all,
  reveal: key => tray.value?.reveal(key),
  open: item => void router.push(`/document/${item.id}`),
  rename: () => panel.value?.focusName(),
  fileOf: ({ id }) => fileOf(rows.value.find(row => row.id === id)),
  taken: Object.values(PAGE_ACTS['in-tray']).map(({ key }) => key),
})
const fileOf = (row: ListedDocument | undefined) =>
  row && { name: fileNameOf(row.name, row.extension), address: contentAddress(row.id) }
const at = computed(() => items.value.findIndex(item => item.key === list.focused.value))

// One is always in view: the first, or after filing the one that moved up. What undo brings back is in view again.
let lastAt = 0
const filed: string[] = []
watch(
  [items, isReady],
  ([now], [before]) => {
    const back = now.find(item => filed.includes(item.id) && !(before ?? []).some(other => other.id === item.id))
    if (back) {
      filed.splice(filed.indexOf(back.id), 1)
      select(back)
    } else if (list.focused.value === null && now.length > 0) select(now[Math.min(lastAt, now.length - 1)])
  },
  { immediate: true },
)

function select(item: DocumentItem | undefined): void {
  if (!item) return
  list.selected.value = new Set([item.key])
  list.focus(item.key)
}

watch(
  [list.targetItems, rows],
  ([targetItems]) => {
    if (at.value >= 0) lastAt = at.value
    void filing.look(
      targetItems.map(({ id, name }) => ({ id, name })),
      items.value[at.value + 1]?.id ?? null,
    )
  },
  { immediate: true },
)

const document = useDocumentInView()

function pick(key: string, event: MouseEvent): void {
  list.click(key, event)
  isStep.value = touchChoice.value === null && list.selected.value.size === 1
}
watch(rows, waiting => (isStep.value &&= waiting.length > 0))

function skip(by: number): void {
  const next = items.value[at.value + by]
  if (next) select(next)
  else notices.say(by > 0 ? 'This is the last one that waits.' : 'This is the first one.')
}

const { file, trash, another } = useTrayActs({
  targetItems: list.targetItems,
  gone: ids => filed.push(...ids),
  focusPage: () => page.value?.focus(),
  skip,
  focusName: () => panel.value?.focusName(),
  focusTags: () => panel.value?.focusTags(),
  press,
})
usePlaceActs(() => null)
</script>

<template>
  <div ref="page" class="tray" tabindex="-1">
    <StepHead v-if="isPhone && isStep" :at="at" :of="plan.inTray" @leave="isStep = false" @skip="skip(1)" />
    <section v-show="!isPhone || !isStep" class="left">
      <TrayHead>
        <v-btn v-if="isNarrow && !isPhone && filing.only" class="act" @click="showsPreview = !showsPreview">
          {{ showsPreview ? 'Hide it' : 'Look at it' }}
        </v-btn>
      </TrayHead>
      <TrayNews />
      <RemoteState v-if="!isReady" :remote="documentList.loaded" @again="documentList.open('in-tray')" />
      <TrayList
        v-else-if="items.length > 0"
        ref="tray"
        :rows="rows"
        :selected="list.selected.value"
        :focused="list.focused.value"
        :dragged="row => dragged(`d:${row.id}`)"
        @pick="pick"
        @menu="openMenu"
        @open="router.push(`/document/${$event.id}`)"
        @select="list.selectThese"
        @end="documentList.more()" />
      <div v-else class="empty">
        <h2>The In-tray is empty</h2>
        <p>Drop files from the desktop here, or add them; they wait here until they have a place.</p>
      </div>
    </section>
    <section
      v-show="isPhone ? isStep : !isNarrow || showsPreview || isDragging"
      class="middle"
      aria-label="The document in view">
      <OutlineSide v-if="isDragging" :current="null" />
      <template v-else>
        <DocumentPreview v-if="document && filing.only" :key="document.id" :document="document" large />
        <p v-else-if="filing.documents.length > 1" class="many second">
          {{ counted(filing.documents.length, 'document') }} selected. They are filed together, each with the name it
          has.
        </p>
      </template>
    </section>
    <aside v-if="filing.documents.length > 0" v-show="!isPhone || isStep" class="right" aria-label="Filing">
      <FilePanel ref="panel" @file="file" @skip="skip(1)" @trash="trash" @another="another" />
    </aside>
    <ActMenu :acts="offered" :at="menuAt" @close="menuAt = null" />
  </div>
</template>

<style scoped>
.tray {
  flex: 1;
  min-height: 0;
  display: flex;
  outline: none;
}
.left {
  width: 360px;
  flex: none;
  display: flex;
  flex-direction: column;
  min-height: 0;
  background: var(--sheet);
  border-right: 1px solid var(--rule-strong);
}
.middle {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 18px 22px;
  display: flex;
  flex-direction: column;
}
.many {
  margin: 60px auto;
  max-width: 300px;
  text-align: center;
}
.right {
  width: 336px;
  flex: none;
  overflow-y: auto;
  background: var(--sheet);
  border-left: 1px solid var(--rule-strong);
  padding: 16px;
}
.empty {
  padding: 20px 18px;
}
@media (max-width: 1099px) {
  .left {
    width: auto;
    flex: 1;
    min-width: 240px;
  }
  .middle {
    position: absolute;
    inset: 0 336px 0 0;
    background: var(--paper);
    z-index: 5;
  }
  .tray {
    position: relative;
  }
}
/* On a phone the list fills the page, and so does what is decided about the one that was tapped. */
@media (max-width: 620px) {
  .tray {
    flex-direction: column;
  }
  .left {
    border-right: 0;
  }
  .right {
    width: auto;
    flex: 1;
    border-left: 0;
  }
  .middle {
    position: static;
    flex: 0 0 38%;
    padding: 12px 16px;
    border-bottom: 1px solid var(--rule-strong);
  }
}
</style>
