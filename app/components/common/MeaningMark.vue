<script setup lang="ts">
// A square of the colour key: its ink, with the gaps of its pattern, so that colour is not the only sign.
import type { Pattern } from '../../../core/rows/index'
import { laidOn } from '../../stores/ink'

defineProps<{ ink: string | null; pattern?: Pattern }>()
</script>

<template>
  <i
    class="mark"
    :style="{ background: ink === null ? 'var(--no-colour)' : laidOn(ink, pattern ?? 'full') }"
    aria-hidden="true" />
</template>

<style scoped>
.mark {
  display: inline-block;
  width: 11px;
  height: 11px;
  flex: none;
}
</style>
