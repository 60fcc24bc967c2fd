<script setup lang="ts">
// The facts about one document: preview on top, facts below, acts last.
import { ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import type { DocumentFacts } from '../../../contract/document'
import { agoText, timeText } from '../../../core/dates/index'
import { fileNameOf, mayHoldOf, sizeText } from '../../../core/formats/index'
import { LANGUAGE_NAMES } from '../../../core/find/index'
import type { DocumentId } from '../../../core/ids'
import { partCounts } from '../../../core/text/index'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { useNow } from '../../composables/useNow'
import type { OfferedAct } from '../../acts/act'
import { useActs } from '../../stores/acts'
import { useNotice } from '../../stores/notice'
import { useColourKey } from '../../stores/colourKey'
import { readAgain, readDocument } from '../../stores/content'
import { originText } from '../../stores/origin'
import type { Remote } from '../../stores/remote'
import { refusalOf } from '../../stores/remote'
import RemoteState from '../common/RemoteState.vue'
import TagField from '../common/TagField.vue'
import TextEdit from '../common/TextEdit.vue'
import PlacesEdit from './PlacesEdit.vue'
import LockState from '../lock/LockState.vue'
import WhoMay from '../give/WhoMay.vue'
import StoryList from './StoryList.vue'
import VersionList from './VersionList.vue'
import CardPreview from './CardPreview.vue'
import CardActs from './CardActs.vue'
import ChoiceField from '../base/ChoiceField.vue'

const props = defineProps<{
  id: DocumentId
  acts: readonly OfferedAct[]
  /** The document itself is open beside the card. */
  inReader?: boolean
  /** Words that are looked for, marked in the preview. */
  find?: string
}>()

/** What is attached to a PDF, which its reading tells. */
const attachments = ({ reading, extension }: DocumentFacts) =>
  mayHoldOf(extension) === null ? 0 : (reading.parts.find(({ kind }) => kind === 'attachment')?.count ?? 0)
const [store, notices, colourKey] = [useActs(), useNotice(), useColourKey()]
const facts = ref<Remote<DocumentFacts>>({ state: 'loading' })
const now = useNow()

async function load(): Promise<void> {
  const { id } = props
  try {
    const value = await readDocument(id)
    if (id === props.id) facts.value = { state: 'ready', value }
  } catch (error) {
    if (id === props.id) facts.value = { state: 'error', reason: refusalOf(error) }
  }
}
watch(() => props.id, load, { immediate: true })
onPlanEvent(event => {
  if (event.type !== 'reading' || event.documentId === props.id) void load()
})

async function again(): Promise<void> {
  try {
    await readAgain(props.id)
  } catch (error) {
    notices.refuse(refusalOf(error))
  }
}

const READING = {
  none: 'found by name only',
  waiting: 'waiting to be read',
  reading: 'being read…',
  read: '',
  failed: 'could not be read',
  locked: 'locked with the contents',
} as const
</script>

<template>
  <RemoteState v-slot="{ value: document }" :remote="facts" @again="load">
    <CardPreview v-if="!inReader" :document="document" :find="find ?? ''" />
    <h2>{{ document.name }}</h2>
    <p class="kind second">
      {{ (document.extension || 'file').toUpperCase()
      }}<template v-if="partCounts(document.reading.parts)"> · {{ partCounts(document.reading.parts) }} </template> ·
      {{ sizeText(document.size) }}
    </p>
    <p v-if="attachments(document) > 0" class="second attached">
      {{ counted(attachments(document), 'attachment') }} ·
      <v-btn class="place" @click="store.takeOut(document.id)">{{
        attachments(document) === 1 ? 'make a document of it' : 'make documents of them'
      }}</v-btn>
    </p>
    <dl>
      <dt>Filed in</dt>
      <dd><PlacesEdit :id="document.id" :name="document.name" :folder-ids="document.folderIds" /></dd>
      <template v-if="document.runningNumber">
        <dt>Number</dt>
        <dd>{{ document.runningNumber }}</dd>
      </template>
      <dt>Tags</dt>
      <dd><TagField :folder-ids="[]" :document-ids="[document.id]" :carried="document.tagIds" /></dd>
      <dt>Colour</dt>
      <dd>
        <ChoiceField
          class="line-field colour"
          label="Colour of the document"
          :model-value="document.meaningId ?? ''"
          :choices="[
            { value: '', text: 'of its folder' },
            ...colourKey.meanings.map(meaning => ({ value: meaning.id, text: meaning.name })),
          ]"
          @update:model-value="
            store.act({ kind: 'document.colour', documentIds: [document.id], meaningId: $event || null })
          "
          @keydown.stop />
      </dd>
      <template v-if="document.origin !== 'upload' || document.sender">
        <dt>From</dt>
        <dd>{{ originText(document) }}</dd>
      </template>
      <template v-if="document.reading.title">
        <dt>Title</dt>
        <dd>{{ document.reading.title }}</dd>
      </template>
      <template v-if="document.reading.author">
        <dt>Author</dt>
        <dd>{{ document.reading.author }}</dd>
      </template>
      <template v-if="document.reading.language">
        <dt>Language</dt>
        <dd>{{ LANGUAGE_NAMES[document.reading.language] }}</dd>
      </template>
      <template v-if="document.filedBy">
        <dt>Filed by</dt>
        <dd>a <NuxtLink class="place" to="/orders"> standing order </NuxtLink></dd>
      </template>
      <template v-if="document.together.length > 0">
        <dt>Came with</dt>
        <dd>
          <NuxtLink v-for="other in document.together" :key="other.id" class="place with" :to="`/document/${other.id}`">
            {{ fileNameOf(other.name, other.extension) }}
          </NuxtLink>
        </dd>
      </template>
      <dt>Changed</dt>
      <dd>{{ timeText(document.changedAt) }}</dd>
      <dt>Added</dt>
      <dd>{{ agoText(document.createdAt, now) }}</dd>
      <template v-if="document.versions.length > 1">
        <dt>Versions</dt>
        <dd><VersionList :document="document" /></dd>
      </template>
      <template v-if="document.lockId">
        <dt>Lock</dt>
        <dd>
          <LockState :thing="{ kind: 'document', id: document.id, name: document.name }" :lock-id="document.lockId" />
        </dd>
      </template>
      <dt>Words</dt>
      <dd>
        <template v-if="document.reading.state === 'read'">
          {{
            document.reading.scansLeft > 0
              ? `${counted(document.reading.scansLeft, 'page')} still to be read from the picture`
              : 'read, found by what is in it'
          }}
          <v-btn v-if="document.lockId === null" class="place" title="Reads it anew" @click="again">again</v-btn>
        </template>
        <span v-else :class="{ warn: document.reading.state === 'failed' }">{{ READING[document.reading.state] }}</span>
        <template v-if="document.reading.state === 'failed'">
          <br /><span class="second">{{ document.reading.reason }}</span
          ><br />
          <v-btn class="place" @click="again">Try again</v-btn>
        </template>
      </dd>
      <dt>Remark</dt>
      <dd>
        <TextEdit
          :value="document.remark"
          label="Remark"
          empty="write one…"
          @keep="store.act({ kind: 'document.remark', id: document.id, remark: $event })" />
      </dd>
      <dt>Who may</dt>
      <dd><WhoMay :thing="{ kind: 'document', id: document.id, folderIds: document.folderIds }" /></dd>
      <dt>Story</dt>
      <dd><StoryList :id="document.id" /></dd>
    </dl>
    <CardActs v-if="!document.trashedAt" class="acts" :acts="acts" />
  </RemoteState>
</template>

<style scoped>
.attached {
  margin-bottom: 8px;
}
h2,
.kind,
dl,
.acts {
  position: relative;
  background: var(--sheet);
}
h2 {
  font-size: 16.5px;
  line-height: 21px;
  padding-top: 12px;
  overflow-wrap: anywhere;
}
.kind {
  padding-bottom: 9px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 8px;
}
dl {
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr);
  gap: 4px 8px;
}
dt {
  color: var(--ink-3);
}
dd {
  min-width: 0;
}
.with {
  display: block;
  overflow-wrap: anywhere;
}
.colour {
  width: 150px;
  padding: 1px 5px;
}
</style>
