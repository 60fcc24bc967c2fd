<script setup lang="ts">
// The keys that hold on the open page.
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { keyPartsOf } from '../../acts/keyList'
import { pageOf } from '../../stores/pages'
import PaperDialog from '../common/PaperDialog.vue'

defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()

const route = useRoute()
const page = computed(() => pageOf(route.name))
const parts = computed(() => keyPartsOf(route.name))
</script>

<template>
  <PaperDialog :open="open" :width="560" label="Keys" title="Keys" @leave="emit('close')">
    <p v-if="page" class="second">{{ page.title }}: {{ page.help }}</p>
    <template v-for="{ head, keys } in parts" :key="head">
      <h2 class="part-head">{{ head }}</h2>
      <dl>
        <template v-for="{ id, key, what } in keys" :key="id">
          <dt>
            <span class="key">{{ key }}</span>
          </dt>
          <dd>{{ what }}</dd>
        </template>
      </dl>
    </template>
    <template #acts>
      <v-btn class="act main" data-begins @click="emit('close')"> Close <span class="key">Esc</span> </v-btn>
      <NuxtLink class="act" to="/settings" @click="emit('close')">Change keys</NuxtLink>
    </template>
  </PaperDialog>
</template>

<style scoped>
.part-head {
  margin: 12px 0 6px;
}
dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 5px 10px;
}
</style>
