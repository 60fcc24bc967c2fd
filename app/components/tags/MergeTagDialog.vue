<script setup lang="ts">
// Two tags become one: all that carries the first carries the other.
import { ref, watch } from 'vue'
import type { Tag } from '../../../contract/plan'
import { counted, quoted } from '../../../core/change/index'
import type { TagId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useTagList } from '../../stores/tagList'
import ChoiceField from '../base/ChoiceField.vue'
import PaperDialog from '../common/PaperDialog.vue'

/** `twin`: into which it goes unless another is chosen. */
const props = defineProps<{ tag: Tag | null; twin: Tag | null }>()
const emit = defineEmits<{ leave: [] }>()

const [acts, tagList] = [useActs(), useTagList()]
const into = ref<TagId | ''>('')
watch(
  () => props.tag,
  tag => {
    into.value = props.twin?.id ?? tagList.tags.find(other => other.id !== tag?.id)?.id ?? ''
  },
)

async function merge(): Promise<void> {
  const { tag } = props
  emit('leave')
  if (tag && into.value !== '') await acts.act({ kind: 'tag.merge', id: tag.id, into: into.value })
}
</script>

<template>
  <PaperDialog
    :open="tag !== null"
    :width="440"
    label="Merge tags"
    :title="`Merge ${quoted(tag?.name ?? '')}`"
    @leave="emit('leave')">
    <label
      >All that carries it will carry
      <ChoiceField
        v-model="into"
        class="line-field"
        label="The tag that stays"
        :choices="
          tagList.tags
            .filter(other => other.id !== tag?.id)
            .map(({ id, name, count }) => ({ value: id, text: `${name} (${count})` }))
        " />
    </label>
    <template #acts>
      <v-btn class="act full" data-begins @click="merge"> Merge, on {{ counted(tag?.count ?? 0, 'thing') }} </v-btn>
      <v-btn class="act" @click="emit('leave')">Leave both <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
