<script setup lang="ts">
// One topic: its picture and its sentences.
import type { HelpId, HelpTopic } from '../../stores/helpTopics'
import { HELP } from '../../stores/helpTopics'
import HelpPicture from './HelpPicture.vue'

const props = defineProps<{ topic: HelpId }>()
const help: HelpTopic = HELP[props.topic]
</script>

<template>
  <div class="help">
    <HelpPicture :lines="help.picture" />
    <p v-for="sentence in help.text" :key="sentence">{{ sentence }}</p>
  </div>
</template>

<style scoped>
.help {
  display: grid;
  gap: 8px;
  max-width: 560px;
}
</style>
