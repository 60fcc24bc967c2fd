<script setup lang="ts">
// Files on their way in: progress for each and for all, stop, what failed with its reason, and a summary at the
// end; and what was on its way when an earlier window was closed.
import { counted } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import { sizeText } from '../../../core/formats/index'
import { computed, onMounted, ref } from 'vue'
import { meantFor, useEarlierUploads } from '../../stores/earlierUploads'
import { useUploads } from '../../stores/uploads'
import FileChooser from '../base/FileChooser.vue'

const SHOWN_AT_MOST = 60
const uploads = useUploads()
const earlierUploads = useEarlierUploads()
const picker = ref<InstanceType<typeof FileChooser> | null>(null)
const count = (state: string) => uploads.items.filter(item => item.state === state).length
const STATES = {
  waiting: 'waits',
  running: '',
  here: 'has arrived',
  done: 'done',
  stopped: 'stopped, nothing kept',
  failed: '',
} as const
const ORDER = { failed: 0, running: 1, waiting: 2, here: 3, stopped: 4, done: 5 } as const

const shown = computed(() =>
  uploads.items.length <= SHOWN_AT_MOST
    ? uploads.items
    : [...uploads.items].sort((a, b) => ORDER[a.state] - ORDER[b.state]).slice(0, SHOWN_AT_MOST),
)
const isMoving = computed(() => uploads.open.length > 0)
const title = computed(() => {
  if (isMoving.value) return `Bringing in ${counted(uploads.open.length, 'file')} of ${uploads.items.length}`
  const [done, stopped, failed] = [count('done'), count('stopped'), count('failed')]
  const size = uploads.items.filter(item => item.state === 'done').reduce((sum, item) => sum + item.size, 0)
  return [
    `Brought in ${done} of ${uploads.items.length}`,
    done > 0 ? sizeText(size) : '',
    stopped > 0 ? `${stopped} stopped` : '',
    failed > 0 ? `${failed} failed` : '',
  ]
    .filter(part => part !== '')
    .join(' · ')
})
const whole = computed(() => earlierUploads.earlier.filter(upload => upload.received >= upload.size))
const parts = computed(() => earlierUploads.earlier.filter(upload => upload.received < upload.size))

/** The same files chosen again go on where they stopped; each goes where it was meant to go. */
async function goOn(chosen: readonly File[]): Promise<void> {
  const folderOf = new Map(parts.value.map(upload => [upload.name, meantFor(upload)]))
  for (const folder of new Set(folderOf.values())) {
    const here = chosen.filter(file => folderOf.get(file.name) === folder)
    await uploads.add(here, folder === 'in-tray' ? null : (folder as FolderId))
  }
  await earlierUploads.look()
}

onMounted(() => void earlierUploads.look())
</script>

<template>
  <section v-if="uploads.items.length > 0 || earlierUploads.earlier.length > 0" class="uploads" aria-label="Uploads">
    <template v-if="earlierUploads.earlier.length > 0">
      <header>
        <h2>On their way when a window was closed</h2>
      </header>
      <p v-if="whole.length > 0">
        {{ counted(whole.length, 'file') }} had arrived:
        {{
          whole
            .slice(0, 3)
            .map(upload => upload.name)
            .join(', ')
        }}{{ whole.length > 3 ? ' …' : '' }}
        <v-btn class="place" @click="earlierUploads.take()"> Take {{ whole.length === 1 ? 'it' : 'them' }} in </v-btn>
      </p>
      <p v-for="upload in parts.slice(0, 8)" :key="upload.id">
        <span class="cut">{{ upload.name }}</span>
        {{ ' ' }}
        <span class="quiet">stopped at {{ Math.floor((upload.received / upload.size) * 100) }} %</span>
      </p>
      <p v-if="parts.length > 0">
        <v-btn class="place" @click="picker?.open()">
          Choose {{ parts.length === 1 ? 'it' : 'them' }} again to go on
        </v-btn>
      </p>
      <p>
        <v-btn class="place" @click="earlierUploads.forget()">
          Forget {{ earlierUploads.earlier.length === 1 ? 'it' : 'them' }}
        </v-btn>
        <span class="quiet">otherwise kept for a day</span>
      </p>
      <FileChooser ref="picker" label="Files to go on with" several @picked="goOn" />
    </template>
    <template v-if="uploads.items.length > 0">
      <header>
        <h2 role="status">
          {{ title }}
        </h2>
        <v-btn v-if="isMoving && uploads.open.length > 1" class="place" @click="uploads.stopAll()"> Stop all </v-btn>
        <v-btn v-if="!isMoving" class="place" @click="uploads.clear()">Close</v-btn>
      </header>
      <v-progress-linear
        v-if="isMoving && uploads.items.length > 1"
        class="whole"
        :model-value="uploads.share * 100"
        aria-label="Progress of all" />
      <ul>
        <li v-for="item in shown" :key="item.id">
          <span class="cut name">{{ item.name }}</span><span class="quiet">{{ sizeText(item.size) }}</span>
          <span class="state" :class="{ warn: item.state === 'failed' }">{{
            item.state === 'running' ? `${Math.floor(item.share * 100)} %` : STATES[item.state]
          }}</span>
          <v-btn
            v-if="item.state === 'waiting' || item.state === 'running' || item.state === 'here'"
            class="place"
            :aria-label="`Stop ${item.name}`"
            @click="uploads.stop(item)">
            Stop
          </v-btn>
          <v-btn
            v-else-if="item.state !== 'done'"
            class="place"
            :aria-label="`Try ${item.name} again`"
            @click="uploads.retry(item)">
            Again
          </v-btn>
          <span v-else />
          <v-progress-linear
            v-if="item.state === 'running'"
            class="bar"
            :model-value="item.share * 100"
            :aria-label="`Progress of ${item.name}`" />
          <span v-if="item.reason !== '' && item.state !== 'stopped'" class="reason warn">{{ item.reason }}</span>
        </li>
      </ul>
      <p v-if="uploads.items.length > shown.length" class="quiet">and {{ uploads.items.length - shown.length }} more</p>
    </template>
  </section>
</template>

<style scoped>
.uploads {
  /* Below the page and not over it: what is filed or chosen meanwhile stays in reach. */
  flex: none;
  max-height: 24vh;
  overflow-y: auto;
  background: var(--sheet);
  border-top: 1px solid var(--ink);
  padding: 6px 16px 8px;
}
header {
  display: flex;
  gap: 14px;
  align-items: baseline;
  border-bottom: 1px solid var(--rule);
  padding-bottom: 4px;
}
h2 {
  font-size: 14px;
  flex: 1;
}
p {
  margin: 5px 0;
}
.whole {
  margin-top: 4px;
}
ul {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 340px), 1fr));
  gap: 0 28px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto 44px;
  gap: 2px 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
  align-items: center;
}
li:last-child {
  border-bottom: 0;
}
.state {
  min-width: 34px;
  text-align: right;
}
.bar,
.reason {
  grid-column: 1 / -1;
  font-size: 12.5px;
}
</style>
