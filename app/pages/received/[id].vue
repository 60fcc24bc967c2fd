<script setup lang="ts">
// Something that another person gave to me, as a plan of its own.
import { onMounted } from 'vue'
import SharedThing from '../../components/shared/SharedThing.vue'
import { useReceived } from '../../stores/received'

const route = useRoute()
const received = useReceived()
// That it was opened is known with it.
onMounted(() => setTimeout(() => void received.load(), OPENED_MS))
const OPENED_MS = 1500
</script>

<template>
  <div class="received">
    <p class="up"><NuxtLink class="place" to="/received">From others</NuxtLink></p>
    <SharedThing :key-of-it="String(route.params.id)" />
  </div>
</template>

<style scoped>
.received {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
.up {
  max-width: 1240px;
  margin: 0 auto;
  padding: 14px 28px 0;
}
</style>
