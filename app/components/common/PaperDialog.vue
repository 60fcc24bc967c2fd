<script setup lang="ts">
// A sheet that asks something: title, what is asked, the acts below. Esc and a click beside it leave it.
import { nextTick, ref, watch } from 'vue'
import type { HelpId } from '../../stores/helpTopics'
import HelpSign from '../help/HelpSign.vue'

const props = defineProps<{
  open: boolean
  title: string
  width: number
  /** Its name for those who do not see it. */
  label: string
  /** What explains it. */
  help?: HelpId
}>()
const emit = defineEmits<{ leave: [] }>()
const sheet = ref<{ $el: HTMLElement } | null>(null)

// What says "autofocus", or begins so (data-begins), has the keys at once; the dialog itself takes them a moment after
// it opens. The framework's own autofocus takes them once more when the field comes into view, which can be later.
watch(
  () => props.open,
  async isOpen => {
    for (let turn = 0; isOpen && turn < 3; turn++) await nextTick()
    const meant = isOpen ? sheet.value?.$el.querySelector<HTMLElement>('[autofocus], [data-begins]') : null
    ;(meant?.querySelector('input') ?? meant)?.focus()
  },
  { immediate: true, flush: 'post' },
)

defineSlots<{ default: () => unknown; acts: () => unknown }>()
</script>

<template>
  <v-dialog :model-value="open" scrollable :width="width" :aria-label="label" @update:model-value="emit('leave')">
    <v-card ref="sheet">
      <v-card-title>{{ title }} <HelpSign v-if="help" :topic="help" /></v-card-title>
      <v-card-text>
        <slot />
      </v-card-text>
      <v-card-actions>
        <slot name="acts" />
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
