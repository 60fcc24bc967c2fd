<script setup lang="ts">
// The tags of one or more things; what is put on or taken off is done at once.
import { computed } from 'vue'
import type { DocumentId, FolderId, TagId } from '../../../core/ids'
import { useTagSuggestions } from '../../composables/useTagSuggestions'
import { useActs } from '../../stores/acts'
import { useTagList } from '../../stores/tagList'
import TagPicker from './TagPicker.vue'

const props = defineProps<{
  folderIds: readonly FolderId[]
  documentIds: readonly DocumentId[]
  carried: readonly TagId[]
  /** Tags that only some of the things carry. */
  some?: readonly TagId[]
}>()

const tagList = useTagList()
const acts = useActs()
const named = (ids: readonly TagId[]) => ids.flatMap(id => tagList.tagById.get(id) ?? [])
const suggested = useTagSuggestions(
  () => (props.folderIds.length === 0 && props.documentIds.length === 1 ? (props.documentIds[0] ?? null) : null),
  () => null,
  () => props.carried,
)
const things = computed(() => ({ folderIds: [...props.folderIds], documentIds: [...props.documentIds] }))
</script>

<template>
  <TagPicker
    linked
    :carried="named(carried)"
    :some="named(some ?? [])"
    :suggested="suggested"
    @put="acts.act({ kind: 'tag.put', ...things, tags: [$event] })"
    @take="acts.act({ kind: 'tag.take', ...things, tagIds: [$event] })" />
</template>
