<script setup lang="ts">
// What was given, for whoever has it: the folder with its outline, search and ZIP, or the document; nothing around it.
import { useIntervalFn, watchDebounced } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import type { SharedDocument } from '../../../contract/shared'
import { counted } from '../../../core/change/index'
import LineField from '../base/LineField.vue'
import RemoteState from '../common/RemoteState.vue'
import DocumentPreview from '../preview/DocumentPreview.vue'
import AskForIt from './AskForIt.vue'
import PassphraseForm from './PassphraseForm.vue'
import SharedActs from './SharedActs.vue'
import SharedFolderHead from './SharedFolderHead.vue'
import SharedFolders from './SharedFolders.vue'
import SharedHead from './SharedHead.vue'
import SharedList from './SharedList.vue'
import { isSetAtFirst } from '../../composables/useAsPages'
import { usePageTitle } from '../../composables/usePageTitle'
import { readDocument } from '../../stores/content'
import type { Remote } from '../../stores/remote'
import { refusalOf } from '../../stores/remote'
import { useSharedThing } from '../../stores/sharedThing'

const props = defineProps<{ keyOfIt: string }>()
const thing = useSharedThing()
const folder = ref('')
const words = ref('')
const view = ref<HTMLElement | null>(null)
const [AGAIN_MS, NEARLY_OUT] = [4000, 0.8]
const chosenId = ref<string | null>(null)
const facts = ref<Remote<DocumentFacts>>({ state: 'idle' })
usePageTitle(() => thing.shared?.name ?? '')

async function load(): Promise<void> {
  await thing.open(props.keyOfIt)
  folder.value = thing.shared?.folders[0]?.id ?? ''
  chosenId.value = thing.shared?.document?.id ?? null
}
watch(() => props.keyOfIt, load, { immediate: true })
onBeforeUnmount(() => thing.close())
watch(folder, id => {
  if (id !== '') void thing.list(id)
  chosenId.value = null
})
watchDebounced(words, text => void thing.find(text), { debounce: 200 })

const isLocked = computed(() => thing.opened.state === 'error' && thing.opened.reason.code === 'link.passphrase')
/** A grant that is not mine: an address that somebody passed on, or what was taken back. */
const isGone = computed(() => thing.opened.state === 'error' && thing.opened.reason.code === 'grant.gone')
const isFinding = computed(() => words.value.trim() !== '')
const listed = computed<readonly SharedDocument[]>(() => {
  const { found, documents, shared } = thing
  if (shared?.document) return [shared.document]
  if (isFinding.value) return found.state === 'ready' ? found.value : []
  return documents.state === 'ready' ? documents.value : []
})
const chosen = computed(() => listed.value.find(({ id }) => id === chosenId.value) ?? null)
watch(
  () => chosen.value?.id,
  async id => {
    facts.value = { state: id === undefined ? 'idle' : 'loading' }
    if (id === undefined) return
    await look(id)
    // Below a long list, on a narrow screen.
    if ((view.value?.getBoundingClientRect().top ?? 0) > window.innerHeight * NEARLY_OUT) view.value?.scrollIntoView()
  },
)

async function look(id: string): Promise<void> {
  try {
    const value = await readDocument(id)
    if (chosen.value?.id === id) facts.value = { state: 'ready', value }
  } catch (error) {
    facts.value = { state: 'error', reason: refusalOf(error) }
  }
}
// What is still being read is looked at again: readings are told to the owner's windows alone.
useIntervalFn(() => {
  const { value } = facts
  if (value.state === 'ready' && ['waiting', 'reading'].includes(value.value.reading.state)) void look(value.value.id)
}, AGAIN_MS)
const here = computed(() => thing.shared?.folders.find(({ id }) => id === folder.value))
</script>

<template>
  <PassphraseForm v-if="isLocked" @unlocked="load" />
  <RemoteState v-else v-slot="{ value: shared }" :remote="thing.opened" @again="load">
    <div class="shared">
      <SharedHead :shared="shared" />
      <LineField
        v-if="shared.folders.length > 0"
        v-model="words"
        class="line-field find"
        data-find
        aria-label="Find in it"
        placeholder="Find a name, or words inside…"
        autocomplete="off" />
      <div class="parts" :class="{ alone: shared.document !== null }">
        <nav v-if="shared.folders.length > 1 && !isFinding" aria-label="Folders">
          <SharedFolders :folders="shared.folders" :current="folder" @go="folder = $event" />
        </nav>
        <section v-if="shared.document === null" class="list">
          <template v-if="isFinding">
            <RemoteState v-slot="{ value }" :remote="thing.found" @again="thing.find(words)">
              <p class="second" role="status">
                {{ value.length === 0 ? 'Nothing here has these words.' : counted(value.length, 'document') }}
              </p>
              <SharedList :documents="value" :chosen="chosenId" @choose="chosenId = $event.id" />
            </RemoteState>
          </template>
          <template v-else-if="here">
            <SharedFolderHead :folder="here" :is-top="here.parentId === null" :alone="shared.folders.length === 1" />
            <RemoteState v-slot="{ value }" :remote="thing.documents" @again="thing.list(folder)">
              <p v-if="value.length === 0" class="quiet">No document lies right here.</p>
              <SharedList :documents="value" :first="thing.first" :chosen="chosenId" @choose="chosenId = $event.id" />
            </RemoteState>
          </template>
          <p v-else class="quiet">Nothing is filed in it yet.</p>
        </section>
        <section v-if="chosen" ref="view" class="look" aria-label="The document">
          <SharedActs :key="chosen.id" :document="chosen" />
          <RemoteState v-slot="{ value }" :remote="facts">
            <DocumentPreview :key="value.id" :document="value" large :as-pages="isSetAtFirst(value.extension)" />
          </RemoteState>
        </section>
      </div>
    </div>
  </RemoteState>
  <AskForIt v-if="isGone" :id="keyOfIt" class="shared" />
</template>

<style scoped>
.shared {
  max-width: 1240px;
  margin: 0 auto;
  padding: 24px 28px;
}
.find {
  width: min(420px, 100%);
  margin-top: 10px;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 28px;
  padding-top: 14px;
}
nav {
  flex: 0 0 230px;
}
.list {
  flex: 1 1 320px;
  min-width: 0;
}
.look {
  flex: 1 1 460px;
  min-width: 0;
}
.look {
  position: sticky;
  top: 10px;
  align-self: flex-start;
}
.alone .look {
  flex: 1;
}
</style>
