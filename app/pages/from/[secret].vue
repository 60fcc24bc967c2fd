<script setup lang="ts">
// What a link gives, for whoever has it.
import SharedThing from '../../components/shared/SharedThing.vue'

definePageMeta({ layout: 'bare' })
// It is in no index, and where its links lead is not told where they came from.
useHead({
  meta: [
    { name: 'robots', content: 'noindex' },
    { name: 'referrer', content: 'no-referrer' },
  ],
})
const route = useRoute()
</script>

<template>
  <SharedThing :key-of-it="String(route.params.secret)" />
</template>
