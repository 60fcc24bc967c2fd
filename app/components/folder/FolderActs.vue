<script setup lang="ts">
// What can be done in the open place, in words with their keys; the rest of it behind "More".
import { mdiMenuDown } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { PlanFolder } from '../../../contract/plan'
import type { OfferedAct } from '../../acts/act'
import { beginMemo } from '../../acts/place/newMemo'
import type { MemoPattern } from '../../stores/memoPatterns'
import { memoPatterns } from '../../stores/memoPatterns'
import { useTagList } from '../../stores/tagList'
import ActButtons from '../common/ActButtons.vue'
import ActItems from '../common/ActItems.vue'

const props = defineProps<{
  /** null: the top of the plan. */
  folder: PlanFolder | null
  /** In the place, and on the folder itself. */
  placeActs: readonly OfferedAct[]
  folderActs: readonly OfferedAct[]
}>()

// What is done with the folder and seen at a glance; at the top of the plan what one begins with.
const ON_FOLDER = ['number', 'colour', 'pin']
const IN_PLACE = ['new-folder', 'add-documents']
const AT_TOP = ['number-top', 'draft']
const first = computed(() => props.placeActs.filter(({ id }) => IN_PLACE.includes(id)))
const writing = computed(() => props.placeActs.filter(({ part }) => part === 'write'))
const then = computed(() =>
  props.folder
    ? props.folderActs.filter(({ id }) => ON_FOLDER.includes(id))
    : props.placeActs.filter(({ id }) => AT_TOP.includes(id)),
)
const more = computed(() => {
  const shown = new Set([...first.value, ...writing.value, ...then.value].map(({ id }) => id))
  return [...props.folderActs, ...props.placeActs].filter(({ id }) => !shown.has(id))
})

const patterns = ref<readonly MemoPattern[]>([])
const tagList = useTagList()
const isWriting = ref(false)
// A tag that was just put on may be on its way from the server while the menu is open.
watch([isWriting, () => tagList.tags], async ([isOpen]) => {
  if (isOpen) patterns.value = await memoPatterns()
})
</script>

<template>
  <div class="acts" role="toolbar" aria-label="Acts of this folder">
    <ActButtons :acts="first" has-main />
    <v-menu v-if="writing.length > 0" v-model="isWriting">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="act">Write<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
      </template>
      <v-list role="menu" aria-label="What is written here">
        <ActItems :acts="writing" />
        <v-list-item
          v-for="pattern in patterns"
          :key="pattern.id"
          role="menuitem"
          :title="`Memo from “${pattern.name}”`"
          @click="beginMemo(folder?.id, pattern.id)" />
      </v-list>
    </v-menu>
    <ActButtons :acts="then" />
    <v-menu>
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="act">More<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
      </template>
      <v-list role="menu" :aria-label="folder ? 'More acts of this folder' : 'More acts of the plan'">
        <ActItems :acts="more" />
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 5px;
  margin: 0 0 14px -1px;
  align-items: center;
}
</style>
