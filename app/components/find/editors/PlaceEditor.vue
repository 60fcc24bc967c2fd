<script setup lang="ts">
// A place: the In-tray or a folder, with what is below it or not.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import type { FolderId } from '../../../../core/ids'
import { outlineOf } from '../../../../core/tree/index'
import { usePlan } from '../../../stores/plan'
import { usePlaceNames } from '../../../stores/placeNames'
import ChoiceField from '../../base/ChoiceField.vue'
import TickBox from '../../base/TickBox.vue'

type PlaceRule = Extract<LeafRule, { kind: 'place' }>
defineProps<{ rule: PlaceRule }>()
const emit = defineEmits<{ change: [rule: PlaceRule] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const folders = computed(() =>
  outlineOf(plan.tree).map(({ folder, depth }) => ({
    id: folder.id,
    text: `${'\u2003'.repeat(depth)}${placeNames.placeOf(folder.id)?.text ?? ''}`,
  })),
)

const choices = computed<readonly { value: FolderId | ''; text: string }[]>(() => [
  { value: '', text: 'the In-tray' },
  ...folders.value.map(({ id, text }) => ({ value: id, text })),
])
</script>

<template>
  <ChoiceField
    class="line-field wide"
    label="Place"
    :model-value="rule.folderId ?? ''"
    :choices="choices"
    @update:model-value="folderId => emit('change', { ...rule, folderId: folderId || null })" />
  <TickBox
    v-if="rule.folderId !== null"
    :model-value="rule.below"
    @update:model-value="emit('change', { ...rule, below: !rule.below })"
    >and below</TickBox
  >
</template>
