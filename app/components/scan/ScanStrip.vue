<script setup lang="ts">
// The pages in the order in which they are bound. Alt+arrows, or the small marks, move a page; Delete drops it.
import type { ScannedPage } from '../../../contract/scan'
import type { ScanEdits } from '../../../core/scan/index'

const props = defineProps<{
  pages: readonly ScannedPage[]
  at: string | null
  picture: (id: string, edits: ScanEdits) => string
}>()
const emit = defineEmits<{ choose: [id: string]; shift: [id: string, by: number]; drop: [id: string] }>()

function press(event: KeyboardEvent, page: ScannedPage, index: number): void {
  const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0
  if (by !== 0 && event.altKey) emit('shift', page.id, by)
  else if (by !== 0) emit('choose', props.pages[index + by]?.id ?? page.id)
  else if (event.key === 'Delete') emit('drop', page.id)
  else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <ol class="strip" aria-label="Pages">
    <li v-for="(page, index) in pages" :key="page.id" :class="{ at: page.id === at }">
      <v-btn
        class="thumb"
        :aria-current="page.id === at"
        :aria-label="`Page ${index + 1}`"
        @click="emit('choose', page.id)"
        @keydown="press($event, page, index)">
        <img :src="picture(page.id, page.edits)" alt="" loading="lazy" />
      </v-btn>
      <span class="number">{{ index + 1 }}</span>
      <v-btn
        class="place"
        :disabled="index === 0"
        :aria-label="`Page ${index + 1} earlier`"
        @click="emit('shift', page.id, -1)">
        up
      </v-btn>
      <v-btn
        class="place"
        :disabled="index === pages.length - 1"
        :aria-label="`Page ${index + 1} later`"
        @click="emit('shift', page.id, 1)">
        down
      </v-btn>
      <v-btn class="place" :aria-label="`Drop page ${index + 1}`" @click="emit('drop', page.id)"> drop </v-btn>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  list-style: none;
  padding: 0 14px 14px;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
}
li {
  display: grid;
  grid-template-columns: 96px 1fr;
  grid-auto-rows: min-content;
  gap: 2px 12px;
  padding: 8px;
  border-left: 3px solid transparent;
  justify-items: start;
}
li.at {
  background: var(--chosen, var(--tint));
  border-left-color: var(--act);
}
.thumb {
  grid-row: 1 / span 5;
  padding: 0;
  border: 1px solid var(--rule-strong);
  background: var(--on-paper);
  line-height: 0;
  min-height: 60px;
}
.thumb img {
  width: 94px;
}
.number {
  font-weight: 600;
}
</style>
