<script setup lang="ts">
// The tags of what is meant; what is put on or taken off is done at once.
import { computed, ref, watch } from 'vue'
import { nameThings } from '../../../core/change/index'
import type { TagId } from '../../../core/ids'
import { thingsOf } from '../../../core/plan/index'
import { useActs } from '../../stores/acts'
import type { MeantThing } from '../../stores/dialogs'
import { usePlan } from '../../stores/plan'
import { useTagList } from '../../stores/tagList'
import PaperDialog from '../common/PaperDialog.vue'
import type { PickedTag } from '../common/TagPicker.vue'
import TagPicker from '../common/TagPicker.vue'

const props = defineProps<{ things: readonly MeantThing[] }>()
const emit = defineEmits<{ close: [] }>()

const [acts, plan, tagList] = [useActs(), usePlan(), useTagList()]
/** By thing, as they are since the dialog was opened. */
const carried = ref<ReadonlyMap<string, ReadonlySet<TagId>>>(new Map())
watch(
  () => props.things,
  things => {
    carried.value = new Map(
      things.map(thing => {
        const ids = thing.kind === 'folder' ? plan.reply?.folderTags[thing.id] : thing.tagIds
        return [thing.id, new Set<TagId>(ids as readonly TagId[] | undefined)]
      }),
    )
  },
  { immediate: true },
)
const newTags = ref<readonly PickedTag[]>([])
const any = computed(() => [...new Set([...carried.value.values()].flatMap(ids => [...ids]))])
const isOnAll = (id: TagId) => [...carried.value.values()].every(ids => ids.has(id))
const named = (ids: readonly TagId[]): readonly PickedTag[] =>
  ids.flatMap(id => tagList.tagById.get(id) ?? newTags.value.find(tag => tag.id === id) ?? [])
const title = computed(() => {
  const of = (kind: MeantThing['kind']) => props.things.filter(thing => thing.kind === kind)
  return `Tags of ${nameThings(of('folder'), of('document'))}`
})

function change(id: TagId, isOn: boolean): void {
  carried.value = new Map(
    [...carried.value].map(([thing, ids]) => {
      const next = new Set(ids)
      if (isOn) next.add(id)
      else next.delete(id)
      return [thing, next]
    }),
  )
}

async function put(tag: PickedTag): Promise<void> {
  const outcome = await acts.act({ kind: 'tag.put', ...thingsOf(props.things), tags: [tag] })
  if (!outcome.ok) return
  newTags.value = [...newTags.value, tag]
  change(tag.id, true)
}

async function take(id: TagId): Promise<void> {
  const outcome = await acts.act({ kind: 'tag.take', ...thingsOf(props.things), tagIds: [id] })
  if (outcome.ok) change(id, false)
}
</script>

<template>
  <PaperDialog :open="things.length > 0" :width="460" label="Tags" help="tag" :title="title" @leave="emit('close')">
    <TagPicker
      v-if="things.length > 0"
      class="picker"
      begins
      :carried="named(any.filter(isOnAll))"
      :some="named(any.filter(id => !isOnAll(id)))"
      @put="put"
      @take="take" />
    <template #acts>
      <v-btn class="act main" @click="emit('close')">Done <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.picker {
  min-height: 150px;
}
.picker :deep(.offers) {
  inset-inline: 0 auto;
}
</style>
