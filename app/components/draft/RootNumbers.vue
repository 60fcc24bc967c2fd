<script setup lang="ts">
// How the folders right below the root of the draft are numbered; what is below follows unless it says otherwise.
import { computed } from 'vue'
import type { Numbering, NumberStyle } from '../../../core/numbering/index'
import { JOINTS, NUMBER_STYLES, numberingText } from '../../../core/numbering/index'
import ChoiceField from '../base/ChoiceField.vue'

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
    <ChoiceField
      class="line-field"
      label="How they are numbered"
      :model-value="now.style"
      :choices="styles.map(style => ({ value: style, text: styleText(style) }))"
      @update:model-value="setStyle" />
    <template v-if="now.style !== 'none'">
      <ChoiceField
        class="line-field"
        label="How codes are joined"
        :model-value="now.joined ? (now.joint ?? '.') : 'alone'"
        :choices="[
          ...JOINTS.map(joint => ({ value: joint, text: `joined by “${joint}”` })),
          { value: 'alone', text: 'not joined' },
        ]"
        @update:model-value="$event === 'alone' ? want({ joined: false }) : want({ joined: true, joint: $event })" />
      <ChoiceField
        class="line-field"
        label="Gaps"
        :model-value="now.step"
        :choices="
          [...new Set([...GAPS, now.step])].map(gap => ({
            value: gap,
            text: gap === 1 ? 'no gaps' : `in steps of ${gap}`,
          }))
        "
        @update:model-value="setGap" />
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
.choice-field {
  width: auto;
  font-weight: 600;
}
</style>
