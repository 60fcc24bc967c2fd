<script setup lang="ts">
// Says that contents are locked, beside a name.
import { mdiLockOutline } from '@mdi/js'
</script>

<template>
  <span role="img" aria-label="locked" title="Locked" class="lock-sign"
    ><v-icon :icon="mdiLockOutline" size="14"
  /></span>
</template>

<style scoped>
.lock-sign {
  flex: none;
  margin-left: 4px;
  color: var(--ink-2);
}
</style>
