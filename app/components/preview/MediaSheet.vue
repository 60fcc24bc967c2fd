<script setup lang="ts">
// Sound and film, played where they are; only what is heard or seen is fetched.
import { contentAddress } from '../../stores/content'

defineProps<{ id: string; version: number; name: string; film: boolean }>()
const emit = defineEmits<{ failed: [] }>()
</script>

<template>
  <div class="media">
    <video
      v-if="film"
      :key="`${id} ${version}`"
      controls
      preload="metadata"
      :aria-label="name"
      :src="contentAddress(id, { inline: true, version })"
      @error="emit('failed')" />
    <audio
      v-else
      :key="`${id} ${version}`"
      controls
      preload="metadata"
      :aria-label="name"
      :src="contentAddress(id, { inline: true, version })"
      @error="emit('failed')" />
  </div>
</template>

<style scoped>
.media {
  display: flex;
  justify-content: center;
  padding: 8px 0;
}
.media audio {
  width: 100%;
  max-width: 560px;
}
.media video {
  max-width: 100%;
  max-height: 75vh;
  background: #000;
}
</style>
