<script setup lang="ts">
// What others want of one, and what they give: above the arrivals, which keep their room however much it is.
import AccessRequests from './AccessRequests.vue'
import HandOffers from './HandOffers.vue'
import NewFromOthers from './NewFromOthers.vue'
</script>

<template>
  <div class="news">
    <AccessRequests />
    <HandOffers />
    <NewFromOthers />
  </div>
</template>

<style scoped>
.news {
  flex: none;
  max-height: 38%;
  overflow-y: auto;
}
</style>
