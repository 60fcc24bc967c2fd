<script setup lang="ts" generic="T extends string">
// One folder of the plan, found by typing a part of its name or its number. Before the folders stand `others`, which
// are no folder.
import { computed, ref } from 'vue'
import { findFolders } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import { outlineOf } from '../../../core/tree/index'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'
import { BOX_SAYS_NOTHING, leaveRoleToInput } from '../base/roleOfInput'

const props = defineProps<{
  label: string
  others: readonly { readonly value: T; readonly text: string }[]
  /** Folders that are not offered. */
  without?: (id: FolderId) => boolean
}>()
const chosen = defineModel<T | FolderId>({ required: true })

const MOST_FOUND = 60
const [plan, placeNames] = [usePlan(), usePlaceNames()]
const isOpen = ref(false)
const typed = ref('')
const field = ref<{ $el: HTMLElement } | null>(null)
leaveRoleToInput(field)

const present = computed(() => {
  const other = props.others.find(({ value }) => value === chosen.value)
  return other ?? { value: chosen.value, text: placeNames.placeOf(tryParseId<'folder'>(chosen.value))?.text ?? '' }
})
// While it is closed it knows only what is chosen: a list of such fields costs nothing in a plan of thousands.
const items = computed<readonly { readonly value: T | FolderId; readonly text: string }[]>(() => {
  if (!isOpen.value) return [present.value]
  const offered = outlineOf(plan.tree)
    .map(({ folder: { id, name, folded } }) => ({ id, name, folded, code: placeNames.codeOf(id) }))
    .filter(({ id }) => !props.without?.(id))
  const words = typed.value.trim()
  const isWhole = words === '' || words === present.value.text
  const folders = isWhole ? offered : findFolders(offered, words, MOST_FOUND)
  return [
    ...(isWhole ? props.others : []),
    ...folders.map(({ id }) => ({ value: id, text: placeNames.placeOf(id)?.text ?? '' })),
  ]
})
</script>

<template>
  <v-autocomplete
    ref="field"
    v-model="chosen"
    v-model:menu="isOpen"
    v-model:search="typed"
    class="plain-field line-field folder-field"
    variant="plain"
    single-line
    hide-details
    no-filter
    auto-select-first
    no-data-text="No folder is called so."
    :menu-props="BOX_SAYS_NOTHING"
    :items="[...items]"
    item-title="text"
    item-value="value"
    :aria-label="label" />
</template>
