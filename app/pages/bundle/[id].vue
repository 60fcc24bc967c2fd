<script setup lang="ts">
// A bundle: its documents in their own order, a note, a done mark; as one ZIP, or as a list on paper.
import { computed, ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import { dateText } from '../../../core/dates/index'
import { fileNameOf, sizeText } from '../../../core/formats/index'
import type { BundleId } from '../../../core/ids'
import LoosePage from '../../components/common/LoosePage.vue'
import NameField from '../../components/common/NameField.vue'
import RemoteState from '../../components/common/RemoteState.vue'
import TextEdit from '../../components/common/TextEdit.vue'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { usePageTitle } from '../../composables/usePageTitle'
import type { ThingItem } from '../../acts/act'
import { usePageActs } from '../../acts/usePageActs'
import { thingsOf } from '../../../core/plan/index'
import type { Outcome } from '../../stores/acts'
import { useActs } from '../../stores/acts'
import { useBundles } from '../../stores/bundles'
import { useHand } from '../../stores/hand'
import { usePrinting } from '../../stores/printing'
import { usePlaceNames } from '../../stores/placeNames'
import TickBox from '../../components/base/TickBox.vue'

const [bundles, acts, hand] = [useBundles(), useActs(), useHand()]
const placeNames = usePlaceNames()
usePageTitle(() => (bundles.opened.state === 'ready' ? bundles.opened.value.bundle.name : ''))
const [route, router] = [useRoute(), useRouter()]
const id = computed(() => String(route.params.id) as BundleId)
const load = () => bundles.open(id.value)
watch(id, load, { immediate: true })
onPlanEvent(() => void load())

const contents = computed(() => (bundles.opened.state === 'ready' ? bundles.opened.value : null))
const documents = computed(() => contents.value?.documents ?? [])
const renaming = ref(false)
const targetItems = ref<readonly ThingItem[]>([])
const targetIds = computed(() => thingsOf(targetItems.value).documentIds)

async function set(some: { note?: string; done?: boolean }): Promise<void> {
  const { value: present } = contents
  if (!present) return
  const { name, note, done } = { ...present.bundle, ...some }
  await acts.act({ kind: 'bundle.set', id: id.value, name, note, done })
}

function keepName(name: string): Promise<Outcome> {
  const { note = '', done = false } = contents.value?.bundle ?? {}
  return acts.act({ kind: 'bundle.set', id: id.value, name, note, done }, { quiet: true })
}

/** The selected ones by one place up or down. */
async function lay(by: -1 | 1): Promise<void> {
  const order = documents.value.map(row => row.id)
  const moving = new Set<string>(targetIds.value)
  const walk = by === 1 ? [...order.keys()].reverse() : [...order.keys()]
  for (const at of walk) {
    const [one, other] = [order[at], order[at + by]]
    if (one !== undefined && other !== undefined && moving.has(one) && !moving.has(other))
      [order[at], order[at + by]] = [other, one]
  }
  await acts.act({ kind: 'bundle.order', id: id.value, documentIds: order })
}

const takeOut = () => acts.act({ kind: 'bundle.take', id: id.value, documentIds: targetIds.value })
const putHere = () => bundles.put(id.value, hand.documentIds).then(() => hand.empty())

async function drop(): Promise<void> {
  const outcome = await acts.act({ kind: 'bundle.drop', id: id.value })
  if (outcome.ok) await router.push('/desk')
}

const isAnyMeant = () => targetItems.value.length > 0
usePageActs('bundle-id', {
  up: { when: isAnyMeant, run: () => lay(-1) },
  down: { when: isAnyMeant, run: () => lay(1) },
})
const printing = usePrinting()
</script>

<template>
  <LoosePage
    :folders="[]"
    :documents="documents"
    :sort="null"
    :descending="false"
    show-places
    @target-items="items => (targetItems = items)">
    <template #head>
      <div v-if="contents" class="bundle">
        <p class="crumb"><NuxtLink to="/desk" class="place"> Desk </NuxtLink> · bundle</p>
        <NameField
          v-if="renaming"
          :value="contents.bundle.name"
          label="Name of the bundle"
          :keep="keepName"
          @kept="renaming = false"
          @cancel="renaming = false" />
        <h1 v-else :class="{ done: contents.bundle.done }" @dblclick="renaming = true">
          {{ contents.bundle.name }}
        </h1>
        <p class="second">
          {{ counted(documents.length, 'document') }} · {{ sizeText(contents.bundle.size) }}. They stay where they are
          filed.
        </p>
        <TextEdit
          :class="{ unwritten: contents.bundle.note === '' }"
          :value="contents.bundle.note"
          label="Note"
          empty="write a note…"
          @keep="note => set({ note })" />
        <div class="bundle-acts">
          <TickBox :model-value="contents.bundle.done" @update:model-value="set({ done: !contents.bundle.done })"
            >done</TickBox
          >
          <v-btn class="act" @click="renaming = true">Rename</v-btn>
          <a v-if="documents.length > 0" class="act" :href="bundles.archiveAddress(id)" download>Download as one ZIP</a>
          <v-btn class="act" @click="printing.print()">Print the list</v-btn>
          <v-btn v-if="hand.documentIds.length > 0" class="act" @click="putHere">
            Put {{ counted(hand.documentIds.length, 'document') }} from the hand here
          </v-btn>
          <template v-if="targetItems.length > 0">
            <v-btn class="act" @click="lay(-1)">Up <span class="key">Alt+↑</span></v-btn>
            <v-btn class="act" @click="lay(1)">Down <span class="key">Alt+↓</span></v-btn>
            <v-btn class="act" @click="takeOut">Take out of the bundle</v-btn>
          </template>
          <v-btn class="act" @click="drop">Dissolve</v-btn>
        </div>
        <ol class="on-paper" aria-hidden="true">
          <li v-for="row in documents" :key="row.id">
            {{ fileNameOf(row.name, row.extension) }} —
            {{ row.folderIds.map(folder => placeNames.placeOf(folder)?.text).join(', ') }} —
            {{ dateText(row.changedAt) }},
            {{ sizeText(row.size) }}
          </li>
        </ol>
      </div>
    </template>
    <template #state>
      <RemoteState v-if="bundles.opened.state !== 'ready'" :remote="bundles.opened" @again="load" />
    </template>
    <template #empty>
      <div v-if="contents" class="empty">
        <h2>Nothing is in it yet</h2>
        <p>Pick documents up anywhere (X), come back and put them down here; or select them and press B.</p>
      </div>
    </template>
  </LoosePage>
</template>

<style scoped>
h1 {
  font-size: 24px;
  line-height: 32px;
}
h1.done {
  text-decoration: line-through;
  color: var(--ink-3);
}
.bundle-acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  align-items: center;
  margin: 8px 0 14px;
}
.on-paper {
  display: none;
}
</style>

<style>
@media print {
  html .bundle.bundle .on-paper {
    display: block;
    padding-left: 2em;
    line-height: 1.7;
  }
  html .bundle-acts.bundle-acts,
  html .bundle.bundle .crumb,
  html .bundle.bundle .unwritten,
  html .loose.loose .document-list {
    display: none;
  }
}
</style>
