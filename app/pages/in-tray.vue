<script setup lang="ts">
// Exactly the documents that have no place yet. Moving one into a folder takes it away from here.
import { computed, ref } from 'vue'
import { counted } from '../../core/change/index'
import LoosePage from '../components/common/LoosePage.vue'
import RemoteState from '../components/common/RemoteState.vue'
import { useDropPlace } from '../composables/useDrag'
import { useShortcuts } from '../composables/useShortcuts'
import { usePlan } from '../stores/plan'
import { useRegister } from '../stores/register'
import { useUploads } from '../stores/uploads'

const [plan, register, uploads] = [usePlan(), useRegister(), useUploads()]
const page = ref<InstanceType<typeof LoosePage> | null>(null)
const picker = ref<HTMLInputElement | null>(null)
const scroller = computed(() => page.value?.scroller ?? null)
const isReady = computed(() => register.place === 'in-tray' && register.loaded.state === 'ready')
useDropPlace(scroller, () => null)
void register.open('in-tray')

useShortcuts((event) => {
  if (event.key.toLowerCase() !== 'u' || event.ctrlKey || event.metaKey || event.altKey) return false
  picker.value?.click()
  return true
})

function picked(): void {
  const files = [...picker.value?.files ?? []]
  if (picker.value) picker.value.value = ''
  void uploads.add(files, null)
}
</script>

<template>
  <LoosePage ref="page" :folders="[]" :documents="isReady ? register.rows : []" :sort="register.sort" :descending="register.descending" :show-places="false" :load-all="register.all" @sort="register.sortBy" @end="register.more()">
    <template #head>
      <h1>In-tray</h1>
      <p class="second">
        {{ plan.inTray === 0 ? 'Nothing waits for a place.' : `${counted(plan.inTray, 'document')} waiting for a place. M moves what is selected; so does dragging it onto the outline.` }}
      </p>
      <p class="acts">
        <button type="button" class="act main" @click="picker?.click()">
          Add documents <span class="key">U</span>
        </button>
        <input ref="picker" type="file" multiple hidden aria-label="Files to bring in" @change="picked">
      </p>
    </template>
    <template #state>
      <RemoteState v-if="!isReady" :remote="register.loaded" @again="register.open('in-tray')" />
    </template>
    <template #empty>
      <div v-if="isReady" class="empty">
        <h2>The In-tray is empty</h2>
        <p>Drop files from the desktop here, or add them; they wait until you move them into a folder.</p>
      </div>
    </template>
  </LoosePage>
</template>

<style scoped>
h1 { font-size: 24px; line-height: 32px; }
.acts { margin: 10px 0 14px -1px; }
</style>
