<script setup lang="ts">
import { ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import { useDropPlace } from '../../composables/useDrag'

const props = defineProps<{ folderId: FolderId | null; label: string; isLast: boolean }>()
defineEmits<{ go: [] }>()

const step = ref<{ $el: HTMLElement } | null>(null)
const { isOver } = useDropPlace(step, () => props.folderId)
</script>

<template>
  <v-btn
    ref="step"
    class="crumb cut"
    :class="{ last: isLast, over: isOver }"
    :aria-current="isLast ? 'page' : undefined"
    @click="$emit('go')">
    {{ label }}
  </v-btn>
</template>

<style scoped>
.crumb {
  color: var(--act);
  font-weight: 600;
  max-width: 260px;
}
.crumb.last {
  color: var(--ink-2);
  font-weight: 400;
}
.crumb:hover {
  text-decoration: underline;
  text-underline-offset: 2px;
}
.crumb.over {
  outline: 2px solid var(--act);
  background: var(--act-soft);
}
</style>
