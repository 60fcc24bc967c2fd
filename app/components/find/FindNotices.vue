<script setup lang="ts">
// What is said of a search before its hits: what is wrong with it, what was looked for instead, which names are near.
defineProps<{
  fault: string
  corrected: { typed: string; to: string } | null
  /** So many of the first are listed since their names are a slip away from what was typed. */
  nearNames: number
}>()
const emit = defineEmits<{ exact: [] }>()
</script>

<template>
  <p v-if="fault" id="find-fault" class="warn" role="alert">
    {{ fault }}
  </p>
  <p v-if="corrected" class="corrected" role="status">
    Showing <b>{{ corrected.to }}</b>;
    <v-btn class="place" @click="emit('exact')">search for {{ corrected.typed }} instead</v-btn>
  </p>
  <p v-if="nearNames > 0" class="corrected" role="status">
    {{ nearNames === 1 ? 'The first is' : `The first ${nearNames} are` }} named nearly so;
    <v-btn class="place" @click="emit('exact')">leave {{ nearNames === 1 ? 'it' : 'them' }} out</v-btn>
  </p>
</template>

<style scoped>
.corrected {
  margin-top: 7px;
}
</style>
