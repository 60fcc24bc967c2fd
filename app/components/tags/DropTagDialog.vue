<script setup lang="ts">
// A tag is deleted: it is taken off all that carries it.
import type { Tag } from '../../../contract/plan'
import { counted, quoted } from '../../../core/change/index'
import { useActs } from '../../stores/acts'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ tag: Tag | null }>()
const emit = defineEmits<{ leave: [] }>()
const acts = useActs()

async function drop(): Promise<void> {
  const { tag } = props
  emit('leave')
  if (tag) await acts.act({ kind: 'tag.drop', id: tag.id })
}
</script>

<template>
  <PaperDialog
    :open="tag !== null"
    :width="440"
    label="Delete a tag"
    :title="`Delete ${quoted(tag?.name ?? '')}?`"
    @leave="emit('leave')">
    <p>
      It is taken off {{ counted(tag?.count ?? 0, 'thing') }}. They stay where they are, and Undo puts it back on all of
      them.
    </p>
    <template #acts>
      <v-btn class="act full" data-begins @click="drop">Delete the tag</v-btn>
      <v-btn class="act" @click="emit('leave')">Keep it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
