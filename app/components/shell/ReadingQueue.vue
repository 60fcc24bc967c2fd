<script setup lang="ts">
// Pages that are pictures: how many are left to be read, a pause, and in which languages.
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { RECOGNISED_LANGUAGES } from '../../../contract/reading'
import { counted } from '../../../core/change/index'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { useRecognising } from '../../stores/recognising'
import TickBox from '../base/TickBox.vue'

const NAMES = { eng: 'English', deu: 'German', fra: 'French', spa: 'Spanish' } as const
const recognising = useRecognising()
const isOpen = ref(false)
const now = computed(() => recognising.now)
const title = computed(() =>
  now.value === null || (now.value.pages === 0 && now.value.recognising)
    ? ''
    : `${counted(now.value.pages, 'page')} left to read${now.value.recognising ? '' : ', paused'}`,
)
const used = computed(() => (now.value?.used ?? []).map(code => NAMES[code as keyof typeof NAMES]).join(', '))
const look = useDebounceFn(() => void recognising.load(), 400, { maxWait: 2000 })

onMounted(() => void recognising.load())
onPlanEvent(event => {
  if (event.type === 'reading' || event.type === 'refresh') void look()
})

function setLanguage(code: string, on: boolean): void {
  const next = RECOGNISED_LANGUAGES.filter(one =>
    one === code ? on : (now.value?.languages ?? now.value?.used ?? []).includes(one),
  )
  void recognising.set(now.value?.recognising ?? true, next.length > 0 ? next : null)
}
</script>

<template>
  <span v-if="title !== '' && now" class="queue">
    <v-btn :aria-expanded="isOpen" title="Scans and pictures whose text is being recognised" @click="isOpen = !isOpen">
      {{ title }}
    </v-btn>
    <div v-if="isOpen" class="about" role="region" aria-label="Reading of scans" @keydown.esc.stop="isOpen = false">
      <p>
        <b>{{ counted(now.pages, 'page') }}</b> of {{ counted(now.documents, 'document') }}, two at a time and behind
        everything else.
      </p>
      <p>In {{ used }}{{ now.languages === null ? ', as the plan mostly holds' : '' }}:</p>
      <TickBox
        v-for="code in RECOGNISED_LANGUAGES"
        :key="code"
        :model-value="now.used.includes(code)"
        @update:model-value="setLanguage(code, $event)"
        >{{ NAMES[code] }}</TickBox
      >
      <p>
        <v-btn class="place" @click="recognising.set(!now.recognising, now.languages)">
          {{ now.recognising ? 'Pause' : 'Go on' }}
        </v-btn>
        <v-btn v-if="now.languages !== null" class="place" @click="recognising.set(now.recognising, null)">
          Languages of the plan
        </v-btn>
      </p>
    </div>
  </span>
</template>

<style scoped>
.queue {
  position: relative;
}
.queue > button {
  color: var(--ink-2);
}
.about {
  position: absolute;
  right: 0;
  bottom: 28px;
  width: 260px;
  background: var(--sheet);
  border: 1px solid var(--ink);
  padding: 10px 14px;
  z-index: 45;
  line-height: 1.45;
}
.about p {
  margin: 4px 0;
}
.place + .place {
  margin-left: 12px;
}
</style>
