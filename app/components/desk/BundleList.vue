<script setup lang="ts">
// Bundles on the Desk: those one is on first, the finished ones folded away.
import { computed, ref } from 'vue'
import { counted } from '../../../core/change/index'
import { sizeText } from '../../../core/formats/index'
import type { BundleId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useBundles } from '../../stores/bundles'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'

const [bundles, acts] = [useBundles(), useActs()]
const name = ref('')
const done = ref(false)
const open = computed(() => bundles.all.filter(bundle => !bundle.done))
const finished = computed(() => bundles.all.filter(bundle => bundle.done))
const shown = computed(() => (done.value ? [...open.value, ...finished.value] : open.value))

async function make(): Promise<void> {
  if (name.value.trim() === '') return
  const id = await bundles.make(name.value, [])
  if (id) name.value = ''
}

async function setDone(bundle: (typeof shown.value)[number]): Promise<void> {
  await acts.act({
    kind: 'bundle.set',
    id: bundle.id as BundleId,
    name: bundle.name,
    note: bundle.note,
    done: !bundle.done,
  })
  await bundles.load()
}
</script>

<template>
  <section class="bundles" aria-label="Bundles">
    <h2 class="part-head">Bundles</h2>
    <p v-if="bundles.all.length === 0" class="second">
      A bundle is a named set of documents from anywhere, in your own order: papers for a meeting, a hand-in. Select
      documents and press B, or name one here.
    </p>
    <ul>
      <li v-for="bundle in shown" :key="bundle.id" :class="{ done: bundle.done }">
        <TickBox
          :model-value="bundle.done"
          :aria-label="`${bundle.name} is done`"
          @update:model-value="setDone(bundle)" />
        <NuxtLink :to="`/bundle/${bundle.id}`" class="place cut">
          {{ bundle.name }}
        </NuxtLink>
        <span class="leader" aria-hidden="true" />
        <span class="quiet">{{ counted(bundle.count, 'document') }} · {{ sizeText(bundle.size) }}</span>
      </li>
    </ul>
    <form @submit.prevent="make">
      <LineField
        v-model="name"
        class="line-field"
        aria-label="Name of a new bundle"
        placeholder="new bundle…"
        maxlength="200" />
      <v-btn v-if="finished.length > 0" class="place" @click="done = !done">
        {{ done ? 'Hide the finished' : `${finished.length} finished` }}
      </v-btn>
    </form>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 28px;
}
.done .place {
  color: var(--ink-3);
  text-decoration: line-through;
}
form {
  display: flex;
  gap: 14px;
  align-items: center;
  margin-top: 4px;
}
form .line-field {
  width: 220px;
  padding: 2px 7px;
}
</style>
