<script setup lang="ts">
// The outline of what a link gives, with the codes and colours of the plan it is part of.
import { computed } from 'vue'
import type { Shared } from '../../../contract/shared'

const props = defineProps<{ folders: Shared['folders']; current: string }>()
const emit = defineEmits<{ go: [id: string] }>()

const rows = computed(() => {
  const depthOf = new Map<string, number>()
  return props.folders.map(folder => {
    const depth = folder.parentId === null ? 0 : (depthOf.get(folder.parentId) ?? 0) + 1
    depthOf.set(folder.id, depth)
    return { folder, depth }
  })
})
</script>

<template>
  <ul>
    <li v-for="{ folder, depth } in rows" :key="folder.id" :style="{ paddingLeft: `${depth * 14}px` }">
      <v-btn
        class="folder"
        :class="{ here: folder.id === current }"
        :aria-current="folder.id === current ? 'page' : undefined"
        @click="emit('go', folder.id)">
        <i :style="{ background: folder.ink ?? 'var(--no-colour)' }" aria-hidden="true" />
        <span class="code">{{ folder.code }}</span>
        <span class="cut">{{ folder.name }}</span>
        <span class="quiet">{{ folder.count }}</span>
      </v-btn>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
.folder {
  display: flex;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 28px;
  text-align: left;
}
.folder :deep(.v-btn__content) {
  display: flex;
  gap: 8px;
  width: 100%;
  justify-content: flex-start;
}
.cut {
  flex: 1;
}
i {
  width: 4px;
  align-self: stretch;
  flex: none;
}
.here {
  font-weight: 600;
  background: var(--act-soft);
}
.code {
  color: var(--ink-2);
}
</style>
