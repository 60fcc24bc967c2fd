<script setup lang="ts">
// Acts as items of a menu, their parts with a rule between them.
import type { OfferedAct } from '../../acts/act'

defineProps<{ acts: readonly OfferedAct[] }>()
</script>

<template>
  <template v-for="(act, index) in acts" :key="act.id">
    <hr v-if="index > 0 && acts[index - 1]?.part !== act.part" class="part" role="separator" />
    <v-list-item role="menuitem" :title="act.name" @click="act.run()">
      <template v-if="act.key" #append>
        <span class="key">{{ act.key }}</span>
      </template>
    </v-list-item>
  </template>
</template>

<style scoped>
.part {
  border: 0;
  border-top: 1px solid var(--rule);
  margin: 3px 0;
}
</style>
