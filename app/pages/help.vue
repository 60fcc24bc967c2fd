<script setup lang="ts">
// All help on one page, narrowed by a word of it.
import { computed, ref } from 'vue'
import { foldedText } from '../../core/text/index'
import LineField from '../components/base/LineField.vue'
import HelpText from '../components/help/HelpText.vue'
import type { HelpId } from '../stores/helpTopics'
import { HELP } from '../stores/helpTopics'

const typed = ref('')
const ALL = Object.keys(HELP) as HelpId[]
const shown = computed(() => {
  const words = foldedText(typed.value).split(/\s+/)
  return ALL.filter(id => {
    const text = foldedText([HELP[id].title, ...HELP[id].text].join(' '))
    return words.every(word => text.includes(word))
  })
})
</script>

<template>
  <div class="help-page">
    <h1>Help</h1>
    <LineField
      v-model="typed"
      class="line-field narrow not-printed"
      aria-label="Words of the help"
      placeholder="A word: colour, number, Trash…" />
    <p v-if="shown.length === 0" class="quiet" role="status">No help has all of these words. Try one of them.</p>
    <section v-for="id in shown" :key="id" :aria-labelledby="`help-${id}`">
      <h2 :id="`help-${id}`">{{ HELP[id].title }}</h2>
      <HelpText :topic="id" />
    </section>
  </div>
</template>

<style scoped>
.help-page {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 18px 24px 40px;
}
h1 {
  font-size: 24px;
  margin-bottom: 6px;
}
h2 {
  font-size: 17px;
  margin-bottom: 8px;
}
.narrow {
  max-width: 320px;
}
section {
  border-top: 1px solid var(--rule-strong);
  padding: 14px 0 18px;
  margin-top: 14px;
  max-width: 620px;
}
</style>
