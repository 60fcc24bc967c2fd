<script setup lang="ts">
// What the card says when several things are selected: how many, how large, and what can be done with all of them.
import { computed } from 'vue'
import { nameThings } from '../../../core/change/index'
import { sizeText } from '../../../core/formats/index'
import type { ThingAct } from '../../composables/useThings'

const props = defineProps<{ folders: readonly { name: string }[]; documents: readonly { name: string; size: number }[]; acts: readonly ThingAct[] }>()
const bytes = computed(() => props.documents.reduce((sum, document) => sum + document.size, 0))
</script>

<template>
  <h2>{{ nameThings(folders, documents) }}</h2>
  <p class="kind second">
    selected<template v-if="documents.length > 0">
      · {{ sizeText(bytes) }}
    </template>
  </p>
  <ul>
    <li v-for="(thing, index) in [...folders, ...documents].slice(0, 12)" :key="index" class="cut">
      {{ thing.name }}
    </li>
    <li v-if="folders.length + documents.length > 12" class="quiet">
      and {{ folders.length + documents.length - 12 }} more
    </li>
  </ul>
  <div class="acts">
    <button v-for="act in acts" :key="act.name" type="button" class="act" @click="act.run()">
      {{ act.name }} <span class="key">{{ act.key }}</span>
    </button>
  </div>
</template>

<style scoped>
h2 { font-size: 16.5px; }
.kind { padding-bottom: 9px; border-bottom: 1px solid var(--rule); margin-bottom: 8px; }
ul { list-style: none; padding: 0; }
.acts { display: flex; flex-wrap: wrap; gap: 2px 4px; margin-top: 14px; }
</style>
