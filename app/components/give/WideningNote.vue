<script setup lang="ts">
// Said before things lie in other places: who will be able to read them there and cannot now.
import { computed } from 'vue'
import type { FolderId } from '../../../core/ids'
import { useGivenLinks } from '../../stores/givenLinks'
import { usePlaceNames } from '../../stores/placeNames'

const props = defineProps<{ before: readonly (FolderId | null)[]; after: readonly (FolderId | null)[] }>()
const given = useGivenLinks()
const placeNames = usePlaceNames()
const lines = computed(() =>
  given
    .gained(props.before, props.after)
    .map(({ link, by }) => ({
      id: link.id,
      who: link.note === '' ? 'Whoever has the link' : `Whoever has the link for ${link.note}`,
      place: placeNames.placeOf(by)?.text ?? '',
    })),
)
</script>

<template>
  <p v-for="{ id, who, place } in lines" :key="id" class="widening" role="status">
    <b>{{ who }}</b> will be able to read it, as everything in {{ place }}.
  </p>
</template>

<style scoped>
.widening {
  border-left: 3px solid var(--warn);
  background: var(--paper);
  padding: 6px 10px;
  margin: 8px 0;
}
</style>
