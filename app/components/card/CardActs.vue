<script setup lang="ts">
// What can be done with what is on the card: the usual acts as words, the others behind "More".
import { mdiMenuDown } from '@mdi/js'
import { computed } from 'vue'
import type { OfferedAct } from '../../acts/act'
import ActButtons from '../common/ActButtons.vue'
import ActItems from '../common/ActItems.vue'

const props = defineProps<{ acts: readonly OfferedAct[] }>()
const often = computed(() => props.acts.filter(act => act.often))
const others = computed(() => props.acts.filter(act => !act.often))
</script>

<template>
  <div v-if="acts.length > 0" class="acts">
    <ActButtons :acts="often" :has-main="often[0]?.id === 'open'" />
    <v-menu v-if="others.length > 0">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="act" aria-label="More acts">More<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
      </template>
      <v-list role="menu" aria-label="More that can be done with it">
        <ActItems :acts="others" />
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  margin-top: 14px;
}
</style>
