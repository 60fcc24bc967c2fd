<script setup lang="ts">
// What a link gives, for whoever has it; whoever is signed in can file a pointer to it in their plan.
import { computed } from 'vue'
import SharedThing from '../../components/shared/SharedThing.vue'
import { useSession } from '../../stores/session'
import { useSharedThing } from '../../stores/sharedThing'

definePageMeta({ layout: 'bare' })
// It is in no index, and where its links lead is not told where they came from.
useHead({
  meta: [
    { name: 'robots', content: 'noindex' },
    { name: 'referrer', content: 'no-referrer' },
  ],
})
const route = useRoute()
const [session, thing] = [useSession(), useSharedThing()]
const secret = computed(() => String(route.params.secret))
void session.load()
</script>

<template>
  <div>
    <p v-if="session.email !== null && thing.shared" class="file">
      <NuxtLink class="place" :to="{ path: '/in-tray', query: { pointer: secret } }">File it in my plan…</NuxtLink>
    </p>
    <SharedThing :key-of-it="secret" />
  </div>
</template>

<style scoped>
.file {
  max-width: 1240px;
  margin: 0 auto;
  padding: 14px 28px 0;
}
</style>
