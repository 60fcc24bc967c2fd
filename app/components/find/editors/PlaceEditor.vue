<script setup lang="ts">
// A place: the In-tray or a folder, with what is below it or not.
import type { LeafRule } from '../../../../core/find/index'
import TickBox from '../../base/TickBox.vue'
import FolderField from '../../places/FolderField.vue'

type PlaceRule = Extract<LeafRule, { kind: 'place' }>
defineProps<{ rule: PlaceRule }>()
const emit = defineEmits<{ change: [rule: PlaceRule] }>()
</script>

<template>
  <FolderField
    class="wide"
    label="Place"
    :model-value="rule.folderId ?? ''"
    :others="[{ value: '', text: 'the In-tray' }]"
    @update:model-value="folderId => emit('change', { ...rule, folderId: folderId || null })" />
  <TickBox
    v-if="rule.folderId !== null"
    :model-value="rule.below"
    @update:model-value="emit('change', { ...rule, below: !rule.below })"
    >and below</TickBox
  >
</template>
