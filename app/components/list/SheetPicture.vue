<script setup lang="ts">
// What the beginning of a document looks like; its format where that cannot be seen, or not yet.
import { computed, watch } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import { thumbnailAddress } from '../../stores/content'
import { useThumbnails } from '../../stores/thumbnails'
import LockSign from '../lock/LockSign.vue'
import TypeMark from '../common/TypeMark.vue'

const props = defineProps<{ row: ListedDocument }>()
const thumbnails = useThumbnails()

watch(
  () => props.row.id,
  id => thumbnails.want(id),
  { immediate: true },
)
watch(
  () => [props.row.version, props.row.reading === 'read', props.row.reading === 'locked'],
  () => thumbnails.forget(props.row.id),
)
const state = computed(() => thumbnails.states.get(props.row.id))
const picture = computed(() => (state.value === 'made' ? thumbnailAddress(props.row.id, props.row.version) : null))
</script>

<template>
  <img v-if="picture" :src="picture" alt="" draggable="false" loading="lazy" />
  <span v-else class="none"
    ><LockSign v-if="row.reading === 'locked'" /><TypeMark v-else :extension="row.extension" /><span
      v-if="state === 'waiting' || state === undefined"
      class="quiet"
      >being drawn</span
    ></span
  >
</template>

<style scoped>
img {
  max-width: 100%;
  max-height: 150px;
  border: 1px solid var(--rule-strong);
  background: var(--on-paper);
}
.none {
  width: 116px;
  height: 148px;
  border: 1px dashed var(--rule-strong);
  background: var(--sheet);
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: center;
  justify-content: center;
  font-size: 11.5px;
}
</style>
