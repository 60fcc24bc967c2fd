<script setup lang="ts" generic="T extends string | number">
// One of some values. `label` is what is read aloud, and what stands beside it where something does.
import { ref } from 'vue'
import { BOX_SAYS_NOTHING, leaveRoleToInput } from './roleOfInput'

defineProps<{ label: string; choices: readonly { readonly value: T; readonly text: string }[] }>()
const chosen = defineModel<T>({ required: true })

const field = ref<{ $el: HTMLElement } | null>(null)
leaveRoleToInput(field)
</script>

<template>
  <v-select
    ref="field"
    v-model="chosen"
    class="plain-field choice-field"
    variant="plain"
    single-line
    hide-details
    :menu-props="BOX_SAYS_NOTHING"
    :items="[...choices]"
    item-title="text"
    item-value="value"
    :aria-label="label" />
</template>
