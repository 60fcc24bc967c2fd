<script setup lang="ts">
// A small drawing of what is meant, in the look of the thing itself.
import type { DrawnLine } from '../../stores/helpTopics'

defineProps<{ lines: readonly DrawnLine[] }>()
</script>

<template>
  <ul class="picture" aria-hidden="true">
    <li v-for="(line, index) in lines" :key="index" :class="{ dark: line.dark }">
      <i class="ink" :class="line.ink" />
      <b v-if="line.code" class="code" :style="{ marginLeft: `${(line.depth ?? 0) * 14}px` }">{{ line.code }}</b>
      <span class="cut" :style="line.code ? {} : { marginLeft: `${(line.depth ?? 0) * 14}px` }">{{ line.text }}</span>
      <span v-for="tag in line.tags" :key="tag" class="tag">{{ tag }}</span>
      <span v-if="line.end" class="end cut">{{ line.end }}</span>
    </li>
  </ul>
</template>

<style scoped>
.picture {
  list-style: none;
  padding: 0;
  border: 1px solid var(--rule);
  background: var(--paper);
  font-size: 12.5px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 26px;
  padding-right: 10px;
}
li + li {
  border-top: 1px solid var(--rule);
}
.ink {
  align-self: stretch;
  width: 5px;
  flex: none;
}
.green {
  background: var(--help-green);
}
.blue {
  background: var(--help-blue);
}
.rose {
  background: var(--help-rose);
}
.code {
  color: var(--ink-2);
  flex: none;
}
.tag {
  border-bottom: 2px solid var(--rule-strong);
  color: var(--ink-2);
  flex: none;
}
.end {
  margin-left: auto;
  color: var(--ink-3);
  flex: none;
  max-width: 60%;
}
.dark {
  background: var(--hand);
  color: var(--on-hand);
}
.dark .end {
  color: var(--on-hand);
}
</style>
