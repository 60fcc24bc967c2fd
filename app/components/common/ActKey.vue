<script setup lang="ts">
// The key of an act, as it is now: it may have been changed or switched off in Settings.
import { computed } from 'vue'
import { keyOfAct } from '../../acts/keyList'

const props = defineProps<{ /** Its id. */ act: string }>()
const key = computed(() => keyOfAct(props.act))
</script>

<template>
  <span v-if="key" class="key">{{ key }}</span>
</template>
