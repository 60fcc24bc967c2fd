<script setup lang="ts">
// Something that another person gave to me, as a plan of its own.
import { computed, onMounted } from 'vue'
import SharedThing from '../../components/shared/SharedThing.vue'
import { useReceived } from '../../stores/received'
import { useSession } from '../../stores/session'

const route = useRoute()
const [received, session] = [useReceived(), useSession()]
const one = computed(() => received.all.find(({ id }) => id === route.params.id))
// That it was opened is known with it.
onMounted(() => setTimeout(() => void received.load(), OPENED_MS))
const OPENED_MS = 1500
</script>

<template>
  <div class="received">
    <p class="up">
      <NuxtLink class="place" to="/received">From others</NuxtLink>
      <template v-if="one">
        <v-btn v-if="one.isWorkable" class="place" @click="session.workIn(one.targetId)">Work in it</v-btn>
        <v-btn class="place" @click="received.filePointer(one)">File it</v-btn>
      </template>
    </p>
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
  display: flex;
  gap: 16px;
}
</style>
