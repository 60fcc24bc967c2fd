<script setup lang="ts">
// What another person gave to me, kept in my plan as a pointer: what it is now, or that it was taken back.
import { ref, watch } from 'vue'
import type { Shared } from '../../../contract/shared'
import { counted } from '../../../core/change/index'
import { dateText } from '../../../core/dates/index'
import { readPointed } from '../../stores/received'
import type { Remote } from '../../stores/remote'
import { remoteOf } from '../../stores/remote'
import { ROLE_VERBS } from '../../stores/roleTexts'

const props = defineProps<{ /** Of the grant. */ id: string }>()
const thing = ref<Remote<Shared>>({ state: 'idle' })

watch(
  () => props.id,
  async id => {
    thing.value = { state: 'loading' }
    const found = await remoteOf(readPointed(id))
    if (id === props.id) thing.value = found
  },
  { immediate: true },
)
const sizeOf = ({ document, folders }: Shared) =>
  document ? 'a document' : `${counted(folders.length, 'folder')}, ${counted(sum(folders), 'document')}`
const sum = (folders: Shared['folders']) => folders.reduce((count, folder) => count + folder.count, 0)
</script>

<template>
  <p v-if="thing.state === 'error'" class="warn" role="status">
    {{ thing.reason.code === 'grant.gone' ? 'It was taken back: only this pointer is left.' : thing.reason.message }}
  </p>
  <template v-else-if="thing.state === 'ready'">
    <p>
      From {{ thing.value.from ?? 'somebody' }}: {{ sizeOf(thing.value) }}. It stays theirs; you may
      {{ ROLE_VERBS[thing.value.role] }} it{{ thing.value.until ? `, until ${dateText(thing.value.until)}` : '' }}.
    </p>
    <NuxtLink class="open" :to="`/received/${id}`">Open {{ thing.value.name }}</NuxtLink>
  </template>
</template>

<style scoped>
.open {
  color: var(--on-page-act);
  text-decoration: underline;
}
</style>
