<script setup lang="ts">
// Folders pinned under the outline, always at hand.
import { mdiPinOff } from '@mdi/js'
import type { FolderId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import ShortListRow from './ShortListRow.vue'

defineProps<{ current: FolderId | null }>()
const emit = defineEmits<{ go: [id: FolderId] }>()

const plan = usePlan()
const acts = useActs()
</script>

<template>
  <nav v-if="plan.pinned.length > 0" class="short" aria-label="Pinned folders">
    <p class="part-head">
      Pinned
    </p>
    <div class="rows">
      <div v-for="folder in plan.pinned" :key="folder.id" class="line">
        <ShortListRow :id="folder.id" :is-current="folder.id === current" @go="emit('go', folder.id)" />
        <button type="button" class="off" :aria-label="`Unpin ${folder.name}`" title="Unpin" @click="acts.act({ kind: 'folder.pin', id: folder.id, on: false })">
          <v-icon :icon="mdiPinOff" size="14" />
        </button>
      </div>
    </div>
  </nav>
</template>

<style scoped>
.short { flex: none; padding: 10px 14px 8px; border-top: 1px solid var(--rule); }
.rows { max-height: 168px; overflow-y: auto; }
.line { display: flex; align-items: center; position: relative; }
.off { position: absolute; right: 0; height: 28px; width: 26px; background: var(--paper); color: var(--ink-3); opacity: 0; }
.line:hover .off, .off:focus-visible { opacity: 1; }
.off:hover { color: var(--act); }
</style>
