<script setup lang="ts">
// From the pages of a scanner, or pictures of pages, to one searchable PDF in the In-tray.
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { format } from 'date-fns'
import type { Crop, ScanEdits, Tone } from '../../core/scan/index'
import { TONES, UNEDITED } from '../../core/scan/index'
import ActKey from '../components/common/ActKey.vue'
import RemoteState from '../components/common/RemoteState.vue'
import ScanSheet from '../components/scan/ScanSheet.vue'
import ScanStrip from '../components/scan/ScanStrip.vue'
import { usePageActs } from '../acts/usePageActs'
import { scanPictureOf, useScans } from '../stores/scans'
import FileChooser from '../components/base/FileChooser.vue'
import LineField from '../components/base/LineField.vue'
import RadioField from '../components/base/RadioField.vue'

const scans = useScans()
const router = useRouter()
const chosen = ref<string | null>(null)
const name = ref(`Scan ${format(new Date(), 'yyyy-MM-dd HH.mm')}`)
const picker = ref<InstanceType<typeof FileChooser> | null>(null)
const camera = ref<InstanceType<typeof FileChooser> | null>(null)
// What is held in a hand has a camera; elsewhere the browser would only choose files once more.
const hasCamera = useMediaQuery('(pointer: coarse)')
void scans.load()

const page = computed(() => scans.inOrder.find(one => one.id === chosen.value) ?? scans.inOrder[0] ?? null)
watch(
  () => page.value?.id,
  id => {
    chosen.value = id ?? null
  },
)

function edit(part: Partial<ScanEdits>): void {
  if (page.value) scans.edit(page.value.id, { ...page.value.edits, ...part })
}
const turn = (by: number) => edit({ quarters: ((page.value?.edits.quarters ?? 0) + by + 4) % 4 })
const setCrop = (crop: Crop) => edit({ crop })

function toneOfAll(tone: Tone): void {
  for (const one of scans.inOrder) scans.edit(one.id, { ...one.edits, tone })
}

async function bind(): Promise<void> {
  if (scans.inOrder.length === 0 || name.value.trim() === '') return
  if (await scans.bind(name.value.trim())) await router.push('/in-tray')
}

usePageActs('scan', {
  scan: () => scans.scan(),
  add: () => picker.value?.open(),
  turn: { when: () => page.value !== null, run: () => turn(1) },
  turnBack: { when: () => page.value !== null, run: () => turn(-1) },
})
</script>

<template>
  <div class="scan">
    <section class="left">
      <div class="head">
        <h1>Scan</h1>
        <p class="second">
          {{
            scans.inOrder.length === 0
              ? 'No page lies here.'
              : `${scans.inOrder.length} ${scans.inOrder.length === 1 ? 'page' : 'pages'}, bound in this order`
          }}
        </p>
        <p class="acts">
          <v-btn class="act main" :disabled="scans.doing !== ''" @click="scans.scan()">
            Scan pages <ActKey act="scan.scan" />
          </v-btn>
          <v-btn v-if="hasCamera" class="act" :disabled="scans.doing !== ''" @click="camera?.open()">
            Photograph a page
          </v-btn>
          <v-btn class="act" :disabled="scans.doing !== ''" @click="picker?.open()">
            Add pictures <ActKey act="scan.add" />
          </v-btn>
        </p>
        <p class="quiet">The scanner is simulated: three made-up pages at a time, a little skewed and grey.</p>
        <FileChooser
          ref="picker"
          label="Pictures of pages"
          several
          accept="image/png,image/jpeg,image/webp,image/tiff"
          @picked="files => scans.add(files)" />
        <FileChooser
          ref="camera"
          label="A page before the camera"
          camera
          accept="image/jpeg,image/png"
          @picked="files => scans.add(files)" />
      </div>
      <RemoteState v-if="scans.loaded.state !== 'ready'" :remote="scans.loaded" @again="scans.load()" />
      <ScanStrip
        v-else
        :pages="scans.inOrder"
        :at="page?.id ?? null"
        :picture="(id, edits) => scanPictureOf(id, edits, 190)"
        @choose="chosen = $event"
        @shift="scans.shift"
        @drop="scans.drop" />
    </section>
    <section class="middle" aria-label="The page in view">
      <ScanSheet
        v-if="page"
        :key="page.id"
        :page="page"
        :picture="edits => scanPictureOf(page?.id ?? '', edits, 1000)"
        @crop="setCrop" />
      <div v-else class="empty">
        <h2>Pages become a document here</h2>
        <p>
          Scan pages, or add photographs of pages. They are straightened and cut by themselves; look at each, put them
          in order, and bind them to a PDF whose text can be searched and copied.
        </p>
      </div>
    </section>
    <aside v-if="page" class="right" aria-label="What is done to the page">
      <h2>This page</h2>
      <p>
        <v-btn class="act" @click="turn(1)">Turn right <ActKey act="scan.turn" /></v-btn>
        <v-btn class="act" @click="turn(-1)">Turn left</v-btn>
      </p>
      <label class="line"
        >Straighten <output>{{ page.edits.degrees.toFixed(1) }}°</output>
        <v-slider
          aria-label="Straighten"
          :min="-15"
          :max="15"
          :step="0.1"
          :model-value="page.edits.degrees"
          @end="edit({ degrees: $event })"
      /></label>
      <p class="quiet">Drag the edges on the page to cut it.</p>
      <fieldset>
        <legend>Tone</legend>
        <RadioField
          label="Tone"
          :choices="TONES.map(tone => ({ value: tone, text: tone }))"
          :model-value="page.edits.tone"
          @update:model-value="tone => edit({ tone })" />
      </fieldset>
      <p>
        <v-btn v-if="scans.inOrder.length > 1" class="place" @click="toneOfAll(page.edits.tone)">
          This tone for all pages
        </v-btn>
        <v-btn class="place" @click="edit(UNEDITED)">As it came</v-btn>
      </p>
      <h2>The document</h2>
      <label class="line">Name <LineField v-model="name" class="line-field" @keydown.enter="bind" /></label>
      <template v-if="scans.doing">
        <p role="status">
          {{ scans.doing }}
        </p>
        <v-progress-linear :model-value="scans.share * 100" aria-label="Progress" />
        <v-btn class="act" @click="scans.stop()">Stop</v-btn>
      </template>
      <v-btn v-else class="act full" @click="bind">Make a searchable PDF</v-btn>
    </aside>
  </div>
</template>

<style scoped>
.scan {
  flex: 1;
  min-height: 0;
  display: flex;
}
.left {
  width: 290px;
  flex: none;
  display: flex;
  flex-direction: column;
  min-height: 0;
  background: var(--sheet);
  border-right: 1px solid var(--rule-strong);
}
.head {
  padding: 18px 18px 10px;
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.acts {
  margin: 8px 0 4px -1px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
}
.middle {
  flex: 1;
  min-width: 0;
  overflow-y: auto;
  padding: 18px 22px;
}
.empty {
  max-width: 460px;
  margin: 60px auto;
}
.right {
  width: 290px;
  flex: none;
  overflow-y: auto;
  background: var(--sheet);
  border-left: 1px solid var(--rule-strong);
  padding: 16px;
}
.right h2 {
  font-size: 15px;
  margin: 12px 0 6px;
}
.line {
  display: block;
  margin: 8px 0;
}
output {
  float: right;
}
fieldset {
  border: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 2px;
  margin-bottom: 8px;
}
legend {
  padding: 0;
  font-weight: 600;
}
.place + .place {
  margin-left: 14px;
}
@media (max-width: 1000px) {
  .left {
    width: 210px;
  }
  .right {
    width: 240px;
  }
}
</style>
