<script setup lang="ts">
// Puts documents into a bundle: one that is there, or a new one by its name.
import { computed, ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import type { BundleId, DocumentId } from '../../../core/ids'
import { useBundles } from '../../stores/bundles'
import PaperDialog from '../common/PaperDialog.vue'
import LineField from '../base/LineField.vue'

const props = defineProps<{ ids: readonly DocumentId[] | null }>()
const emit = defineEmits<{ close: [] }>()

const bundles = useBundles()
const name = ref('')
const open = computed(() => bundles.all.filter(bundle => !bundle.done))
watch(
  () => props.ids,
  ids => {
    if (ids) {
      name.value = ''
      void bundles.load()
    }
  },
)

async function make(): Promise<void> {
  if (props.ids && name.value.trim() !== '' && (await bundles.make(name.value, props.ids))) emit('close')
}

async function put(id: string): Promise<void> {
  if (!props.ids) return
  await bundles.put(id as BundleId, props.ids)
  emit('close')
}
</script>

<template>
  <PaperDialog
    :open="ids !== null"
    :width="440"
    label="Put into a bundle"
    :title="`Put ${counted(ids?.length ?? 0, 'document')} into a bundle`"
    @leave="emit('close')">
    <p class="second">They stay where they are filed.</p>
    <ul>
      <li v-for="bundle in open" :key="bundle.id">
        <v-btn class="place" @click="put(bundle.id)">
          {{ bundle.name }}
        </v-btn>
        {{ ' ' }}
        <span class="quiet">{{ counted(bundle.count, 'document') }}</span>
      </li>
    </ul>
    <form @submit.prevent="make">
      <LineField
        v-model="name"
        class="line-field"
        aria-label="Name of a new bundle"
        placeholder="new bundle…"
        data-begins
        maxlength="200" />
    </form>
    <template #acts>
      <v-btn class="act full" :disabled="name.trim() === ''" @click="make">
        Make this bundle <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 8px 0;
  max-height: 220px;
  overflow-y: auto;
}
li {
  line-height: 27px;
}
</style>
