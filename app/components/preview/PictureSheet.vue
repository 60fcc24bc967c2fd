<script setup lang="ts">
// A picture, with the sought words marked where they were recognised on it.
import { computed, ref, watch } from 'vue'
import type { Sought } from '../../../core/text/index'
import { contentAddress, readWords } from '../../stores/content'
import { reasonOf } from '../../stores/remote'
import type { BoxedWord } from './WordBoxes.vue'
import WordBoxes from './WordBoxes.vue'

const props = defineProps<{ id: string; version: number; name: string; sought: readonly Sought[]; turn: number }>()
const emit = defineEmits<{ failed: [] }>()
const words = ref<readonly BoxedWord[]>([])
const wanted = computed(() => props.sought.length > 0)

watch([() => props.id, wanted], async ([id]) => {
  words.value = []
  if (!wanted.value) return
  try {
    const reply = await readWords(id)
    if (id === props.id) words.value = reply.pages[0]?.words ?? []
  }
  catch (error) {
    reasonOf(error) // the picture is shown without marks
  }
}, { immediate: true })
</script>

<template>
  <div class="picture" :style="{ transform: turn === 0 ? undefined : `rotate(${turn}deg)` }">
    <img :src="contentAddress(id, { inline: true, version })" :alt="name" @error="emit('failed')">
    <WordBoxes :words="words" :sought="sought" />
  </div>
</template>

<style scoped>
.picture { position: relative; width: fit-content; margin: 0 auto; }
img { max-width: 100%; display: block; border: 1px solid var(--rule-strong); background: #fff; }
</style>
