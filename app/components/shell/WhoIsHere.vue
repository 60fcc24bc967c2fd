<script setup lang="ts">
// Who else has a window open on the plan, and which folder they look at.
import { computed } from 'vue'
import type { FolderId } from '../../../core/ids'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'

const [plan, placeNames] = [usePlan(), usePlaceNames()]
const people = computed(() =>
  plan.here.map(({ name, folderId }) => ({
    name,
    folderId,
    place: folderId === null ? undefined : placeNames.placeOf(folderId as FolderId)?.text,
  })),
)
const title = computed(() =>
  people.value.map(({ name, place }) => (place ? `${name} is in ${place}` : `${name} is here`)).join('; '),
)
</script>

<template>
  <span v-if="people.length > 0" class="here cut" role="status" :title="title">
    <template v-for="({ name, folderId, place }, index) in people" :key="name + index"
      >{{ index > 0 ? ', ' : '' }}{{ name
      }}<template v-if="place"
        >&nbsp;in <NuxtLink class="place" :to="`/plan/${folderId}`">{{ place }}</NuxtLink></template
      ></template
    >{{ people.length === 1 && people[0]?.place ? '' : people.length === 1 ? ' is here' : ' are here' }}
  </span>
</template>

<style scoped>
.here {
  flex: 0 1 auto;
  max-width: 300px;
}
</style>
