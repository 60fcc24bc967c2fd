<script setup lang="ts">
// How the folders right below the root of the draft are numbered; what is below follows unless it says otherwise.
import { computed } from 'vue'
import type { Joint, Numbering, NumberStyle } from '../../../core/numbering/index'
import { JOINTS, NUMBER_STYLES, numberingText } from '../../../core/numbering/index'

const props = defineProps<{
  /** As it is now. */
  present: Numbering
  /** As the draft wants it; null: as it is. */
  wanted: Numbering | null
}>()
const emit = defineEmits<{ want: [numbering: Numbering | null] }>()

const GAPS = [1, 2, 5, 10, 100]
const now = computed(() => props.wanted ?? props.present)
const styles = computed(() => NUMBER_STYLES.filter(style => style !== 'own' || props.present.style === 'own'))
const styleText = (style: NumberStyle) =>
  numberingText({ ...now.value, style, start: style === 'year' ? new Date().getFullYear() : 1, step: 1, skip: [] })

function want(patch: Partial<Numbering>): void {
  const next = { ...now.value, ...patch }
  emit('want', JSON.stringify(next) === JSON.stringify(props.present) ? null : next)
}

function setStyle(style: NumberStyle): void {
  want({ style, start: style === 'year' ? new Date().getFullYear() : now.value.start > 1900 ? 1 : now.value.start })
}

const setGap = (step: number) => want({ step, start: step > 1 ? step : 1 })
</script>

<template>
  <p class="numbers">
    <b>Numbers</b>
    <select
      class="line-field"
      aria-label="How they are numbered"
      :value="now.style"
      @change="setStyle(($event.target as HTMLSelectElement).value as NumberStyle)">
      <option v-for="style in styles" :key="style" :value="style">
        {{ styleText(style) }}
      </option>
    </select>
    <template v-if="now.style !== 'none'">
      <select
        class="line-field"
        aria-label="How codes are joined"
        :value="now.joined ? (now.joint ?? '.') : 'alone'"
        @change="
          ($event.target as HTMLSelectElement).value === 'alone'
            ? want({ joined: false })
            : want({ joined: true, joint: ($event.target as HTMLSelectElement).value as Joint })
        ">
        <option v-for="joint in JOINTS" :key="joint" :value="joint">joined by “{{ joint }}”</option>
        <option value="alone">not joined</option>
      </select>
      <select
        class="line-field"
        aria-label="Gaps"
        :value="now.step"
        @change="setGap(Number(($event.target as HTMLSelectElement).value))">
        <option v-for="gap in [...new Set([...GAPS, now.step])]" :key="gap" :value="gap">
          {{ gap === 1 ? 'no gaps' : `in steps of ${gap}` }}
        </option>
      </select>
    </template>
  </p>
</template>

<style scoped>
.numbers {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
}
b {
  font-family: var(--serif);
  font-size: 15px;
  font-weight: 600;
}
select {
  width: auto;
  font-weight: 600;
}
</style>
