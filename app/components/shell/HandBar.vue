<script setup lang="ts">
// What is in hand, and the three ways to put it down where one is.
import HelpSign from '../help/HelpSign.vue'
import { dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter'
import { mdiClose, mdiMenuUp } from '@mdi/js'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { nameThings } from '../../../core/change/index'
import { isInside } from '../../../core/tree/index'
import type { HeldOn } from '../../composables/useDrag'
import { isDragged } from '../../composables/useDrag'
import { useOpenPlace } from '../../composables/useOpenPlace'
import { useHand } from '../../stores/hand'
import type { PutDown } from '../../stores/hand'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'

const hand = useHand()
const plan = usePlan()
const placeNames = usePlaceNames()
const route = useRoute()
const bar = ref<HTMLElement | null>(null)
const isOver = ref(false)

/** Where it would be put down: the open folder, the top, the In-tray; undefined on other pages. */
const place = useOpenPlace()
const isTray = computed(() => route.path === '/in-tray')
const where = computed(() => {
  if (place.value === undefined) return ''
  if (place.value === null) return isTray.value ? 'the In-tray' : 'the top'
  const { code, name } = placeNames.placeOf(place.value) ?? { code: '', name: '' }
  return code || `“${name}”`
})
const what = computed(() =>
  nameThings(
    hand.items.filter(({ kind }) => kind === 'folder'),
    hand.items.filter(({ kind }) => kind === 'document'),
  ),
)
const from = computed(
  () =>
    new Set(
      hand.items.map(item =>
        item.kind === 'folder' ? (plan.tree.byId.get(item.id)?.parentId ?? null) : item.fromFolderId,
      ),
    ).size,
)

/** Why a way to put down is not open here; empty where it is. */
function not(how: PutDown): string {
  if (place.value === undefined) return 'Open a folder to put it down there.'
  const { value: to } = place
  if (to === null && isTray.value && hand.folderIds.length > 0) return 'Folders cannot lie in the In-tray.'
  if (to === null && !isTray.value && hand.documentIds.length > 0) return 'Documents lie in folders: open one.'
  if (how === 'file' && to === null) return 'Open a folder to file it there as well.'
  if (how === 'file' && hand.folderIds.length > 0) return 'A folder lies in one place only.'
  if (to !== null && hand.folderIds.some(id => isInside(plan.tree, to, id))) return 'A folder cannot go into itself.'
  return ''
}

async function down(how: PutDown): Promise<void> {
  const why = not(how)
  if (why !== '') {
    hand.refused = why
    return
  }
  await hand.putDown(how, place.value ?? null)
}

watch(
  () => hand.wantsDown,
  wants => {
    if (!wants) return
    hand.wantsDown = false
    void down(hand.way)
  },
)

let stop: (() => void) | null = null
watch(bar, element => {
  stop?.()
  stop =
    element &&
    dropTargetForElements({
      element,
      canDrop: ({ source }) => isDragged(source.data),
      getData: () => ({ held: { kind: 'hand' } satisfies HeldOn }),
      onDragEnter: () => {
        isOver.value = true
      },
      onDragLeave: () => {
        isOver.value = false
      },
      onDrop: () => {
        isOver.value = false
      },
    })
})
onBeforeUnmount(() => stop?.())

const WAYS: readonly { how: PutDown; name: (place: string) => string }[] = [
  { how: 'move', name: to => (to === '' ? 'Move here' : `Move to ${to}`) },
  { how: 'copy', name: to => (to === '' ? 'Copy here' : `Copy to ${to}`) },
  { how: 'file', name: () => 'File here as well' },
]
</script>

<template>
  <section v-if="hand.items.length > 0" ref="bar" class="hand" :class="{ over: isOver }" aria-label="In hand">
    <b class="cut">In hand: {{ what }}</b>
    <span v-if="from > 1" class="from">from {{ from }} places</span>
    <v-menu location="top">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="look">Look<v-icon :icon="mdiMenuUp" size="16" /></v-btn>
      </template>
      <v-list aria-label="What is in hand" class="held">
        <v-list-item
          v-for="item in hand.items"
          :key="item.id"
          :title="item.name"
          :subtitle="item.kind === 'folder' ? 'folder' : placeNames.placeOf(item.fromFolderId)?.text"
          @click.stop>
          <template #append>
            <v-btn class="place one" :aria-label="`Let go of ${item.name}`" @click.stop="hand.drop(item.id)">
              let go
            </v-btn>
          </template>
        </v-list-item>
      </v-list>
    </v-menu>
    <HelpSign topic="hand" class="about" />
    <span class="cut why" role="status">{{ hand.refused }}</span>
    <v-btn
      v-for="{ how, name } in WAYS"
      :key="how"
      class="way"
      :class="{ first: how === hand.way }"
      :aria-disabled="not(how) !== ''"
      :title="not(how) || (how === hand.way ? 'Ctrl+V' : '')"
      @click="down(how)">
      {{ name(where) }}
    </v-btn>
    <v-btn
      class="all"
      aria-label="Let go of everything"
      title="Let go of everything; it stays where it is"
      @click="hand.empty()">
      <v-icon :icon="mdiClose" size="17" />
    </v-btn>
  </section>
</template>

<style scoped>
.about {
  color: inherit;
}
.hand {
  background: var(--hand);
  color: var(--on-hand);
  min-height: 44px;
  padding: 6px 16px;
  display: flex;
  align-items: center;
  gap: 10px;
  flex: none;
}
.hand.over {
  outline: 2px solid var(--act);
  outline-offset: -3px;
}
b {
  font-family: var(--serif);
  font-weight: 600;
}
.from,
.look {
  opacity: 0.85;
  flex: none;
}
.look:hover {
  text-decoration: underline;
}
.why {
  flex: 1;
  text-align: right;
  font-weight: 600;
}
.way {
  border: 1px solid color-mix(in srgb, var(--on-hand) 55%, transparent);
  padding: 3px 8px;
  font-weight: 600;
  white-space: nowrap;
}
.way.first {
  background: var(--on-hand);
  color: var(--hand);
}
.way[aria-disabled='true'] {
  opacity: 0.5;
}
.way:hover:not([aria-disabled='true']) {
  outline: 1px solid var(--on-hand);
}
.one {
  font-size: 12px;
  margin-left: 18px;
}
.held {
  max-height: 300px;
  overflow-y: auto;
}
</style>
