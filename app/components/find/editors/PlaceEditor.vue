<script setup lang="ts">
// A place: the In-tray or a folder, with what is below it or not.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import type { FolderId } from '../../../../core/ids'
import { tryParseId } from '../../../../core/ids'
import { outlineOf } from '../../../../core/tree/index'
import { usePlan } from '../../../stores/plan'
import { usePlaceNames } from '../../../stores/placeNames'

type PlaceRule = Extract<LeafRule, { kind: 'place' }>
const props = defineProps<{ rule: PlaceRule }>()
const emit = defineEmits<{ change: [rule: PlaceRule] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const folders = computed(() =>
  outlineOf(plan.tree).map(({ folder, depth }) => ({
    id: folder.id,
    text: `${'\u2003'.repeat(depth)}${placeNames.placeOf(folder.id)?.text ?? ''}`,
  })),
)

function setFolder(value: string): void {
  const folderId: FolderId | null = tryParseId<'folder'>(value)
  emit('change', { ...props.rule, folderId })
}
</script>

<template>
  <select
    class="line-field wide"
    aria-label="Place"
    :value="rule.folderId ?? ''"
    @change="setFolder(($event.target as HTMLSelectElement).value)">
    <option value="">the In-tray</option>
    <option v-for="folder in folders" :key="folder.id" :value="folder.id">{{ folder.text }}</option>
  </select>
  <label v-if="rule.folderId !== null"
    ><input type="checkbox" :checked="rule.below" @change="emit('change', { ...rule, below: !rule.below })" /> and
    below</label
  >
</template>
