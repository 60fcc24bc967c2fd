<script setup lang="ts">
// A link: where it leads. It opens in a window of its own and does not tell the other side about this one.
import { computed, ref, watch } from 'vue'
import type { Link } from '../../../core/formats/index'
import { readUriList } from '../../../core/formats/index'
import { readBytes } from '../../stores/content'
import { grantInAddress } from '../../stores/received'
import PointerSheet from './PointerSheet.vue'

const props = defineProps<{ id: string; version: number }>()
const emit = defineEmits<{ failed: [] }>()
const link = ref<Link | null>(null)
const grantId = computed(() => grantInAddress(link.value?.address ?? ''))

watch(
  () => [props.id, props.version],
  async () => {
    const { id } = props
    try {
      const found = readUriList(new TextDecoder().decode(await readBytes(id, props.version)))
      if (id !== props.id) return
      link.value = found
      if (!found) emit('failed')
    } catch {
      if (id === props.id) emit('failed') // said by the preview in its own words
    }
  },
  { immediate: true },
)
</script>

<template>
  <div v-if="link" class="link">
    <p class="title">
      {{ link.title }}
    </p>
    <PointerSheet v-if="grantId" :id="grantId" />
    <a v-else :href="link.address" target="_blank" rel="noopener noreferrer">{{ link.address }}</a>
    <p v-if="link.remark" class="remark">
      {{ link.remark }}
    </p>
  </div>
</template>

<style scoped>
.link {
  font-size: 13px;
  display: grid;
  gap: 6px;
  overflow-wrap: anywhere;
}
.title {
  font-family: var(--serif);
  font-weight: 600;
  font-size: 15px;
}
a {
  color: var(--on-page-act);
  text-decoration: underline;
}
.remark {
  white-space: pre-line;
}
</style>
