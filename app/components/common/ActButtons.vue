<script setup lang="ts">
// Acts as words with their keys.
import type { OfferedAct } from '../../acts/act'

defineProps<{ acts: readonly OfferedAct[]; /** The first is what one mostly does. */ hasMain?: boolean }>()
</script>

<template>
  <v-btn
    v-for="(act, index) in acts"
    :key="act.id"
    class="act"
    :class="{ main: hasMain && index === 0 }"
    @click="act.run()">
    {{ act.name }} <span v-if="act.key" class="key">{{ act.key }}</span>
  </v-btn>
</template>
