<script setup lang="ts">
// Outline, page and card side by side; the seams can be dragged, and on narrow screens the card and
// then the outline become drawers over the page.
import { computed, ref } from 'vue'
import { useView } from '../../stores/view'
import { useNoCardRoom, useNoOutlineRoom } from '../../composables/useRoom'
import PanelSeam from './PanelSeam.vue'

defineProps<{ hasCard: boolean }>()
/** `band` and `strip` stay where they are while the page below them scrolls. */
defineSlots<{
  outline: () => unknown
  band: () => unknown
  strip: () => unknown
  default: () => unknown
  card: () => unknown
}>()

const view = useView()
const noCardRoom = useNoCardRoom()
const noOutlineRoom = useNoOutlineRoom()
const drawer = ref<'outline' | 'card' | null>(null)
const dragging = ref(false)

const outlineIn = computed(() => view.saved.outlineShown && !noOutlineRoom.value)
const cardIn = computed(() => view.saved.cardShown && !noCardRoom.value)

function toggle(panel: 'outline' | 'card'): void {
  const noRoom = panel === 'outline' ? noOutlineRoom.value : noCardRoom.value
  if (noRoom) drawer.value = drawer.value === panel ? null : panel
  else if (panel === 'outline') view.saved.outlineShown = !view.saved.outlineShown
  else view.saved.cardShown = !view.saved.cardShown
}
</script>

<template>
  <div class="panels" :class="{ resizing: dragging }" @keydown.esc="drawer = null">
    <aside
      v-if="outlineIn || drawer === 'outline'"
      class="outline-side"
      :class="{ drawer: drawer === 'outline' && !outlineIn }"
      :style="{ width: `${view.saved.outlineWidth}px` }">
      <v-btn v-if="drawer === 'outline' && !outlineIn" class="toggle close" @click="drawer = null">
        Hide outline
      </v-btn>
      <slot name="outline" />
    </aside>
    <PanelSeam
      v-if="outlineIn"
      v-model="view.saved.outlineWidth"
      side="left"
      label="Width of the outline"
      :least="190"
      :most="520"
      @dragging="dragging = $event" />
    <div class="page-side" data-skip-to>
      <slot name="band" />
      <div class="strip">
        <slot name="strip" />
        <div class="toggles">
          <v-btn
            v-if="outlineIn || drawer !== 'outline'"
            class="toggle"
            :aria-expanded="outlineIn"
            @click="toggle('outline')">
            {{ outlineIn ? 'Hide outline' : 'Outline' }}
          </v-btn>
          <v-btn
            v-if="hasCard && (cardIn || drawer !== 'card')"
            class="toggle"
            :aria-expanded="cardIn"
            @click="toggle('card')">
            {{ cardIn ? 'Hide card' : 'Card' }}
          </v-btn>
        </div>
      </div>
      <slot />
    </div>
    <PanelSeam
      v-if="cardIn && hasCard"
      v-model="view.saved.cardWidth"
      side="right"
      label="Width of the card"
      :least="220"
      :most="560"
      @dragging="dragging = $event" />
    <aside
      v-if="hasCard && (cardIn || drawer === 'card')"
      class="card-side"
      :class="{ drawer: drawer === 'card' && !cardIn }"
      :style="{ width: `${view.saved.cardWidth}px` }"
      aria-label="Card">
      <v-btn v-if="drawer === 'card' && !cardIn" class="toggle close" @click="drawer = null"> Hide card </v-btn>
      <slot name="card" />
    </aside>
  </div>
</template>

<style scoped>
.panels {
  display: flex;
  flex: 1;
  min-height: 0;
  position: relative;
}
.panels.resizing {
  cursor: col-resize;
  user-select: none;
}
.outline-side {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: none;
  background: var(--paper);
  padding-top: 12px;
}
.card-side {
  background: var(--sheet);
  flex: none;
  overflow-y: auto;
  padding: 14px 16px;
}
.page-side {
  flex: 1;
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
  position: relative;
}
.drawer {
  position: absolute;
  top: 0;
  bottom: 0;
  z-index: 20;
  border: 1px solid var(--ink);
}
.outline-side.drawer {
  left: 0;
}
.card-side.drawer {
  right: 0;
}
.strip {
  display: flex;
  flex: none;
  align-items: baseline;
  gap: 14px;
  padding: 6px 12px 2px 18px;
}
.toggles {
  flex: none;
  display: flex;
  gap: 10px;
  margin-left: auto;
}
.toggle {
  font-size: 11.5px;
  color: var(--ink-3);
}
.close {
  display: block;
  margin: 0 0 8px auto;
}
.outline-side .close {
  margin: 0 14px 8px auto;
}
.toggle:hover {
  color: var(--act);
  text-decoration: underline;
}
</style>
