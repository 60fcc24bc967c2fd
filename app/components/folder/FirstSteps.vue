<script setup lang="ts">
defineProps<{ /** The whole plan is empty, and not one folder. */ isTop: boolean; where: string }>()
const emit = defineEmits<{ create: []; add: []; draft: [] }>()
</script>

<template>
  <div class="empty">
    <template v-if="isTop">
      <h2>The plan is empty</h2>
      <p>A <b>folder</b> is a place in the plan; it has a name, and a number that is worked out from its order.</p>
      <p>A <b>document</b> is any file. What has no place yet waits in the In-tray.</p>
      <p>A <b>place</b> is where a document is filed; it is always named with its number.</p>
    </template>
    <template v-else>
      <h2>Nothing lies in {{ where }} yet</h2>
      <p>Make a folder in it, add documents, or drop files from the desktop onto this page.</p>
    </template>
    <p class="acts">
      <v-btn class="act main" @click="emit('create')">
        {{ isTop ? 'Make the first folder' : 'New folder' }} <span class="key">N</span>
      </v-btn>
      <v-btn v-if="isTop" class="act" @click="emit('draft')">
        Write a draft, use a skeleton, or bring a folder of the desktop
      </v-btn>
      <v-btn class="act" @click="emit('add')">
        {{ isTop ? 'Add documents to the In-tray' : 'Add documents' }} <span class="key">U</span>
      </v-btn>
    </p>
  </div>
</template>
