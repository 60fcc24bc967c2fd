<script setup lang="ts">
// Files on their way in: progress for each, stop, and what failed with its reason.
import { sizeText } from '../../../core/formats/index'
import { computed } from 'vue'
import { useUploads } from '../../stores/uploads'

const uploads = useUploads()
const done = computed(() => uploads.items.filter(item => item.state === 'done').length)
const STATES = { waiting: 'waits', running: '', done: 'done', stopped: 'stopped, nothing kept', failed: '' } as const
</script>

<template>
  <section v-if="uploads.items.length > 0" class="uploads" aria-label="Uploads">
    <header>
      <h2>{{ uploads.open.length > 0 ? `Bringing in ${uploads.open.length} of ${uploads.items.length}` : `Brought in ${done} of ${uploads.items.length}` }}</h2>
      <button v-if="uploads.open.length > 1" type="button" class="place" @click="[...uploads.open].forEach(uploads.stop)">
        Stop all
      </button>
      <button v-if="uploads.open.length === 0" type="button" class="place" @click="uploads.clear()">
        Close
      </button>
    </header>
    <ul>
      <li v-for="item in uploads.items" :key="item.id">
        <span class="cut name">{{ item.name }}</span><span class="quiet">{{ sizeText(item.size) }}</span>
        <span class="state" :class="{ warn: item.state === 'failed' }">{{ item.state === 'running' ? `${Math.floor(item.share * 100)} %` : STATES[item.state] }}</span>
        <button v-if="item.state === 'waiting' || item.state === 'running'" type="button" class="place" :aria-label="`Stop ${item.name}`" @click="uploads.stop(item)">
          Stop
        </button>
        <button v-else-if="item.state !== 'done'" type="button" class="place" :aria-label="`Try ${item.name} again`" @click="uploads.retry(item)">
          Again
        </button>
        <span v-else />
        <v-progress-linear v-if="item.state === 'running'" class="bar" :model-value="item.share * 100" :aria-label="`Progress of ${item.name}`" />
        <span v-if="item.state === 'failed'" class="reason warn">{{ item.reason }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.uploads { position: fixed; right: 14px; bottom: calc(var(--bottom) + 10px); width: min(400px, calc(100vw - 28px)); max-height: 46vh; overflow-y: auto; background: var(--sheet); border: 1px solid var(--ink); z-index: 40; padding: 8px 14px 10px; }
header { display: flex; gap: 14px; align-items: baseline; border-bottom: 1px solid var(--rule); padding-bottom: 4px; }
h2 { font-size: 14px; flex: 1; }
ul { list-style: none; padding: 0; }
li { display: grid; grid-template-columns: minmax(0, 1fr) auto auto 44px; gap: 2px 10px; padding: 5px 0; border-bottom: 1px solid var(--rule); align-items: center; }
li:last-child { border-bottom: 0; }
.state { min-width: 34px; text-align: right; }
.bar, .reason { grid-column: 1 / -1; font-size: 12.5px; }
</style>
