<script setup lang="ts">
// The menu of a thing, at the pointer or at its row: the same acts in the same order everywhere. It has the keys while
// it is open, and gives them back.
import { useEventListener } from '@vueuse/core'
import { nextTick, ref, watch } from 'vue'
import type { OfferedAct } from '../../acts/act'
import { takeKey } from '../../composables/useShortcuts'
import ActItems from './ActItems.vue'

const props = defineProps<{ acts: readonly OfferedAct[]; at: { readonly x: number; readonly y: number } | null }>()
const emit = defineEmits<{ close: [] }>()

const list = ref<{ $el: HTMLElement } | null>(null)
let before: HTMLElement | null = null
watch(
  () => props.at,
  async at => {
    if (at) {
      before = document.activeElement instanceof HTMLElement ? document.activeElement : null
      for (let turn = 0; turn < 3 && !list.value; turn++) await nextTick()
      list.value?.$el.focus()
    } else if (hasKeys()) before?.focus()
  },
)
/** What was done may have taken the keys, as a name that is typed does. */
const hasKeys = () => document.activeElement === document.body || document.activeElement?.closest('[role="menu"]')
useEventListener('keydown', event => {
  if (props.at === null || event.key !== 'Escape') return
  takeKey(event)
  emit('close')
})
</script>

<template>
  <v-menu :model-value="at !== null" :target="at ? [at.x, at.y] : undefined" @update:model-value="emit('close')">
    <v-list ref="list" role="menu" aria-label="What can be done with it">
      <ActItems :acts="acts" />
    </v-list>
  </v-menu>
</template>
