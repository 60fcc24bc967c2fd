<script setup lang="ts">
// What a link gives, for whoever has it: the folder with its outline, search and ZIP, or the document; nothing around it.
import { useIntervalFn, watchDebounced } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import type { SharedDocument } from '../../../contract/shared'
import { counted } from '../../../core/change/index'
import { dateText } from '../../../core/dates/index'
import LineField from '../../components/base/LineField.vue'
import RemoteState from '../../components/common/RemoteState.vue'
import DocumentPreview from '../../components/preview/DocumentPreview.vue'
import SharedFolders from '../../components/shared/SharedFolders.vue'
import SharedList from '../../components/shared/SharedList.vue'
import { usePageTitle } from '../../composables/usePageTitle'
import { contentAddress, readDocument } from '../../stores/content'
import type { Remote } from '../../stores/remote'
import { refusalOf } from '../../stores/remote'
import { useSharedThing } from '../../stores/sharedThing'

definePageMeta({ layout: 'bare' })
// It is in no index, and where its links lead is not told where they came from.
useHead({
  meta: [
    { name: 'robots', content: 'noindex' },
    { name: 'referrer', content: 'no-referrer' },
  ],
})

const route = useRoute()
const thing = useSharedThing()
const secret = computed(() => String(route.params.secret))
const folder = ref('')
const words = ref('')
const view = ref<HTMLElement | null>(null)
const AGAIN_MS = 4000
const chosen = ref<SharedDocument | null>(null)
const facts = ref<Remote<DocumentFacts>>({ state: 'idle' })
usePageTitle(() => thing.shared?.name ?? '')

async function load(): Promise<void> {
  await thing.open(secret.value)
  folder.value = thing.shared?.folders[0]?.id ?? ''
  chosen.value = thing.shared?.document ?? null
}
watch(secret, load, { immediate: true })
onBeforeUnmount(() => thing.close())
watch(folder, id => {
  if (id !== '') void thing.list(id)
  chosen.value = null
})
watchDebounced(words, text => void thing.find(text), { debounce: 200 })
watch(chosen, async document => {
  facts.value = { state: document ? 'loading' : 'idle' }
  if (!document) return
  await look(document.id)
  // Below a long list, on a narrow screen.
  view.value?.scrollIntoView({ block: 'nearest' })
})

async function look(id: string): Promise<void> {
  try {
    const value = await readDocument(id)
    if (chosen.value?.id === id) facts.value = { state: 'ready', value }
  } catch (error) {
    facts.value = { state: 'error', reason: refusalOf(error) }
  }
}
// What is still being read is looked at again: no events are told to whoever has a link.
useIntervalFn(() => {
  const { value } = facts
  if (value.state === 'ready' && ['waiting', 'reading'].includes(value.value.reading.state)) void look(value.value.id)
}, AGAIN_MS)
const here = computed(() => thing.shared?.folders.find(({ id }) => id === folder.value))
const isFinding = computed(() => words.value.trim() !== '')
</script>

<template>
  <RemoteState v-slot="{ value: shared }" :remote="thing.opened" @again="load">
    <div class="shared">
      <header>
        <h1>{{ shared.name }}</h1>
        <p class="second">
          Given to you to read{{ shared.until ? `, until ${dateText(shared.until)}` : '' }}.
          <a v-if="shared.folders.length > 0" class="place" :href="thing.archive">Download all as one ZIP</a>
        </p>
        <LineField
          v-if="shared.folders.length > 0"
          v-model="words"
          class="line-field find"
          aria-label="Find in it"
          placeholder="Find a name, or words inside…"
          autocomplete="off" />
      </header>
      <div class="parts" :class="{ alone: shared.folders.length === 0 }">
        <nav v-if="shared.folders.length > 1 && !isFinding" aria-label="Folders">
          <SharedFolders :folders="shared.folders" :current="folder" @go="folder = $event" />
        </nav>
        <main v-if="shared.folders.length > 0">
          <template v-if="isFinding">
            <RemoteState v-slot="{ value }" :remote="thing.found" @again="thing.find(words)">
              <p class="second" role="status">
                {{ value.length === 0 ? 'Nothing here has these words.' : counted(value.length, 'document') }}
              </p>
              <SharedList :documents="value" :chosen="chosen?.id ?? null" @choose="chosen = $event" />
            </RemoteState>
          </template>
          <template v-else>
            <h2 v-if="shared.folders.length > 1">{{ here?.code }} {{ here?.name }}</h2>
            <p v-if="here?.purpose" class="second">{{ here.purpose }}</p>
            <RemoteState v-slot="{ value }" :remote="thing.documents" @again="thing.list(folder)">
              <p v-if="value.length === 0" class="quiet">No document lies right here.</p>
              <SharedList :documents="value" :chosen="chosen?.id ?? null" @choose="chosen = $event" />
            </RemoteState>
          </template>
        </main>
        <section v-if="chosen" ref="view" class="look" aria-label="The document">
          <p>
            <b>{{ chosen.name }}</b>
            <a class="place download" :href="contentAddress(chosen.id)">Download</a>
          </p>
          <RemoteState v-slot="{ value }" :remote="facts">
            <DocumentPreview :key="value.id" :document="value" large />
          </RemoteState>
        </section>
      </div>
    </div>
  </RemoteState>
</template>

<style scoped>
.shared {
  max-width: 1240px;
  margin: 0 auto;
  padding: 24px 28px;
}
header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 12px;
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
main {
  flex: 1 1 320px;
  min-width: 0;
}
.look {
  flex: 1 1 460px;
  min-width: 0;
}
.alone .look {
  flex: 1;
}
.download {
  margin-left: 12px;
}
</style>
