<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { COMMON_KEYS, pageOf } from '../../stores/pages'
import PaperDialog from '../common/PaperDialog.vue'

defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()

const route = useRoute()
const page = computed(() => pageOf(route.name))
const parts = computed(() => [
  { head: 'Here', keys: page.value?.keys ?? [] },
  { head: 'Everywhere', keys: COMMON_KEYS },
])
</script>

<template>
  <PaperDialog :open="open" :width="520" label="Keys" title="Keys" @leave="emit('close')">
    <p v-if="page" class="second">{{ page.title }}: {{ page.help }}</p>
    <template v-for="{ head, keys } in parts" :key="head">
      <h2 v-if="keys.length > 0" class="part-head">{{ head }}</h2>
      <dl>
        <template v-for="[key, what] in keys" :key="key">
          <dt>
            <span class="key">{{ key }}</span>
          </dt>
          <dd>{{ what }}</dd>
        </template>
      </dl>
    </template>
    <template #acts>
      <v-btn class="act main" autofocus @click="emit('close')"> Close <span class="key">Esc</span> </v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.part-head {
  margin: 12px 0 6px;
}
dl {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 5px 10px;
}
</style>
