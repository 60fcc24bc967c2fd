<script setup lang="ts">
// What can be done in the open place, in words with their keys.
import { mdiMenuDown } from '@mdi/js'
import type { PlanFolder } from '../../../contract/plan'
import { ref, watch } from 'vue'
import type { MemoPattern } from '../../stores/memoPatterns'
import { memoPatterns } from '../../stores/memoPatterns'
import { useTagList } from '../../stores/tagList'
import ColourMenu from './ColourMenu.vue'

defineProps<{ /** null: the top of the plan. */ folder: PlanFolder | null }>()
const emit = defineEmits<{
  create: []
  add: []
  addFolder: []
  number: []
  rename: []
  move: []
  trash: []
  draft: []
  skeleton: []
  period: []
  save: [kind: 'opml' | 'md' | 'csv']
  contents: []
  merge: []
  tag: []
  duplicate: [withDocuments: boolean]
  pin: []
  memo: [pattern: string]
  link: []
}>()

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
    <v-btn class="act main" @click="emit('create')">New folder <span class="key">N</span></v-btn>
    <v-btn class="act" @click="emit('add')">
      {{ folder ? 'Add documents' : 'Add documents to the In-tray' }} <span class="key">U</span>
    </v-btn>
    <v-menu v-if="folder" v-model="isWriting">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="act">Write<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
      </template>
      <v-list aria-label="What is written here">
        <v-list-item title="New memo" @click="emit('memo', '')">
          <template #append>
            <span class="key">W</span>
          </template>
        </v-list-item>
        <v-list-item
          v-for="pattern in patterns"
          :key="pattern.id"
          :title="`Memo from “${pattern.name}”`"
          @click="emit('memo', pattern.id)" />
        <v-list-item title="New link…" @click="emit('link')">
          <template #append>
            <span class="key">L</span>
          </template>
        </v-list-item>
      </v-list>
    </v-menu>
    <v-btn class="act" @click="emit('number')">Numbering…</v-btn>
    <ColourMenu v-if="folder" :folder="folder" as-act />
    <v-btn v-if="folder" class="act" @click="emit('pin')">
      {{ folder.pinned ? 'Unpin' : 'Pin' }}
    </v-btn>
    <v-btn v-if="!folder" class="act" @click="emit('draft')">Draft the plan…</v-btn>
    <v-menu>
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" class="act">More<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
      </template>
      <v-list :aria-label="folder ? 'More acts of this folder' : 'More acts of the plan'">
        <v-list-item v-if="folder" title="Rename" @click="emit('rename')">
          <template #append>
            <span class="key">F2</span>
          </template>
        </v-list-item>
        <v-list-item v-if="folder" title="Move to…" @click="emit('move')">
          <template #append>
            <span class="key">M</span>
          </template>
        </v-list-item>
        <v-list-item v-if="folder" title="Put into Trash" @click="emit('trash')" />
        <template v-if="folder">
          <hr class="line" />
          <v-list-item title="Draft this branch…" @click="emit('draft')" />
          <v-list-item title="Next period…" @click="emit('period')" />
          <v-list-item title="Keep as skeleton" @click="emit('skeleton')" />
          <v-list-item title="Duplicate the structure" @click="emit('duplicate', false)" />
          <v-list-item title="Duplicate with documents" @click="emit('duplicate', true)" />
          <v-list-item title="Merge into…" @click="emit('merge')" />
          <v-list-item title="Make a tag of it…" @click="emit('tag')" />
        </template>
        <hr class="line" />
        <v-list-item title="Add a folder of the desktop…" @click="emit('addFolder')" />
        <v-list-item title="Save as OPML" @click="emit('save', 'opml')" />
        <v-list-item title="Save as Markdown" @click="emit('save', 'md')" />
        <v-list-item title="Save as a table (CSV)" @click="emit('save', 'csv')" />
        <v-list-item title="Contents to print" @click="emit('contents')" />
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
.line {
  border: 0;
  border-top: 1px solid var(--rule);
  margin: 3px 0;
}
</style>
