<script setup lang="ts">
// One line of text. v-model follows every letter; `change` tells what stands there when it is left or Enter is pressed.
import { ref } from 'vue'
import type { VTextField } from 'vuetify/components'
import { leaveRoleToInput } from './roleOfInput'

const text = defineModel<string>({ default: '' })
const emit = defineEmits<{ change: [text: string] }>()

const field = ref<VTextField | null>(null)
leaveRoleToInput(field)

/** The field of the browser: for focus and the place of the caret. */
const input = () => field.value?.$el.querySelector('input') ?? null

function tell(event: Event): void {
  if (event.target instanceof HTMLInputElement) emit('change', event.target.value)
}

defineExpose({ input, focus: () => input()?.focus(), select: () => input()?.select(), blur: () => input()?.blur() })
</script>

<template>
  <v-text-field
    ref="field"
    v-model="text"
    class="plain-field"
    variant="plain"
    single-line
    hide-details
    @change="tell" />
</template>
