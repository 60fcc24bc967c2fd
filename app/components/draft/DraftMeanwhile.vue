<script setup lang="ts">
// What happened to the plan while the draft was written, and what of it the draft could not take in.
import { counted } from '../../../core/change/index'
import { useDraft } from '../../stores/draft'
import { useDraftRebase } from '../../stores/draftRebase'

const [draft, meanwhile] = [useDraft(), useDraftRebase()]
</script>

<template>
  <p v-if="draft.isRootGone" class="meanwhile" role="alert">
    The folder of this draft is in the Trash. The draft is kept as it is; restore the folder to apply it.
  </p>
  <div v-if="meanwhile.collisions.length > 0 || meanwhile.taken > 0" class="meanwhile" role="alert">
    <p v-if="meanwhile.taken > 0">
      The plan was changed meanwhile: {{ counted(meanwhile.taken, 'change') }}
      {{ meanwhile.taken === 1 ? 'was' : 'were' }} taken into the draft.
    </p>
    <p v-for="collision in meanwhile.collisions" :key="collision">
      {{ collision }}
    </p>
    <v-btn class="act" @click="meanwhile.dismiss">Close</v-btn>
  </div>
</template>

<style scoped>
.meanwhile {
  border: 1px solid var(--warn);
  padding: 6px 10px;
  margin-top: 6px;
  max-height: 120px;
  overflow-y: auto;
  flex: none;
}
</style>
