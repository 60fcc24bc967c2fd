<script setup lang="ts">
// The text that was read, for formats that have no look of their own here.
import { ref, watch } from 'vue'
import { readText } from '../../stores/content'

const props = defineProps<{
  id: string
  /** Only this part, for the card; null: all. */
  only: number | null
  /** All up to this page is loaded. */
  reach: number
}>()
const emit = defineEmits<{ failed: [] }>()
const pages = ref<{ page: number; body: string }[]>([])
const next = ref<number | null>(null)
const isEmpty = ref(false)

watch(
  [() => props.id, () => props.only],
  async ([id]) => {
    pages.value = []
    next.value = null
    await load(id, props.only ?? 1)
  },
  { immediate: true },
)
watch([() => props.reach, next], async ([reach, from]) => {
  if (props.only === null && from !== null && from <= reach) await load(props.id, from)
})

async function load(id: string, from: number): Promise<void> {
  try {
    const reply = await readText(id, from)
    if (id !== props.id) return
    pages.value = [...pages.value, ...reply.pages]
    next.value = reply.next
    isEmpty.value = pages.value.every(page => page.body.trim() === '')
  } catch {
    emit('failed') // the shell says that the server is away
  }
}
</script>

<template>
  <div class="text">
    <p v-if="isEmpty" class="quiet">There are no words in it.</p>
    <pre
      v-for="page in only === null ? pages : pages.slice(0, 1)"
      v-bind="{ 'data-page': page.page }"
      :key="page.page"
      >{{ page.body }}</pre>
    <button v-if="next !== null && only === null" type="button" class="act main" @click="load(id, next)">
      Show more
    </button>
  </div>
</template>

<style scoped>
pre {
  font-family: var(--sans);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  margin: 0;
}
</style>
