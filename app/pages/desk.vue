<script setup lang="ts">
// What has a star, folders and documents together, from anywhere in the plan.
import { computed } from 'vue'
import LoosePage from '../components/common/LoosePage.vue'
import RemoteState from '../components/common/RemoteState.vue'
import { onPlanEvent } from '../composables/usePlanEvents'
import { usePlan } from '../stores/plan'
import { useStarred } from '../stores/starred'

const [plan, starred] = [usePlan(), useStarred()]
void starred.load()
onPlanEvent(() => void starred.load())
const folders = computed(() => plan.findable.flatMap(({ id }) => (plan.starredFolders.has(id) ? plan.tree.byId.get(id) ?? [] : [])))
</script>

<template>
  <LoosePage :folders="folders" :documents="starred.documents" :sort="null" :descending="false" show-places>
    <template #head>
      <h1>Desk</h1>
      <p class="second lead">
        What you gave a star, wherever it lies. S takes a star off; G shows a thing at its place.
      </p>
    </template>
    <template #state>
      <RemoteState v-if="starred.loaded.state !== 'ready'" :remote="starred.loaded" @again="starred.load()" />
    </template>
    <template #empty>
      <div v-if="starred.loaded.state === 'ready'" class="empty">
        <h2>Nothing has a star</h2>
        <p>Give what you are working on a star: select it and press S, or click the star at the end of its row. It is then to be found here.</p>
      </div>
    </template>
  </LoosePage>
</template>

<style scoped>
h1 { font-size: 24px; line-height: 32px; }
.lead { margin-bottom: 16px; }
</style>
