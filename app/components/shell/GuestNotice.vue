<script setup lang="ts">
// That one works in the plan of another, and the way back.
import { usePlan } from '../../stores/plan'
import { useSession } from '../../stores/session'

const [plan, session] = [usePlan(), useSession()]
</script>

<template>
  <p v-if="session.isGuest" class="guest" role="status">
    You work in <b>{{ plan.reply?.plan.name }}</b>, the plan of another. What you do stands in its History by your name.
    <v-btn class="place" @click="session.workIn(null)">Back to my own plan</v-btn>
  </p>
</template>

<style scoped>
.guest {
  flex: none;
  background: var(--hand);
  color: var(--on-hand);
  padding: 5px 16px;
}
.guest .place {
  color: var(--on-hand);
  text-decoration: underline;
  margin-left: 10px;
}
</style>
