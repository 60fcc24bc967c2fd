<script setup lang="ts">
// A place that can be picked, with why it is offered or why it cannot be.
import type { Target } from './pickerTargets'

defineProps<{
  target: Target
  isAt: boolean
  /** It can be one of several. */
  addable: boolean
  /** What it is among those picked: '+' is none of them. */
  picked: 'home' | 'as well' | '+'
}>()
const emit = defineEmits<{ add: [] }>()
</script>

<template>
  <div
    role="option"
    class="target"
    :class="{ at: isAt, not: target.not, makes: target.makes }"
    :aria-selected="isAt"
    :style="{ paddingLeft: `${10 + target.depth * 18}px` }">
    <span class="cut">{{ target.label }}</span>
    <span v-if="target.not || target.note" class="quiet">{{ target.not || target.note }}</span>
    <v-btn
      v-if="addable"
      class="as-well"
      tabindex="-1"
      :aria-label="`${target.label} as well`"
      @click.stop="emit('add')">
      {{ picked }}
    </v-btn>
  </div>
</template>

<style scoped>
.target {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 4px 10px;
  cursor: default;
}
.cut {
  flex: 1;
}
.target.at {
  background: var(--act-soft);
  box-shadow: inset 3px 0 0 var(--act);
}
.target.not {
  color: var(--ink-3);
}
.target.makes {
  color: var(--act);
  font-weight: 600;
}
.quiet {
  font-size: 12px;
  flex: none;
}
.as-well {
  color: var(--act);
  font-weight: 600;
  min-width: 24px;
  text-align: center;
  font-size: 12px;
}
</style>
