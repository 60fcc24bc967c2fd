<script setup lang="ts">
// A sheet that asks something: title, what is asked, the acts below. Esc and a click beside it leave it.
import { ref, watch } from 'vue'
import type { HelpId } from '../../stores/helpTopics'
import { beginIn } from '../base/begins'
import { rememberKeys } from '../base/keysBack'
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

let giveBack: (() => Promise<void>) | null = null
// The dialog itself takes the keys a moment after it opens, where nothing in it has them.
watch(
  () => props.open,
  isOpen => {
    if (!isOpen) return void giveBack?.()
    giveBack = rememberKeys()
    void beginIn(() => sheet.value?.$el)
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
