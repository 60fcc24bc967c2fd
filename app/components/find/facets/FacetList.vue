<script setup lang="ts" generic="T extends string">
// The values of one group to narrow by, each with how many it would find: one click chooses it (any of those
// chosen), "without" leaves it out.
import type { Chosen } from '../../../../core/find/index'
import TickBox from '../../base/TickBox.vue'

const props = defineProps<{
  /** Stands above; the list and it are not there where there are no values. */
  head?: string
  label: string
  values: readonly {
    readonly value: T
    readonly text: string
    readonly count: string
    readonly depth?: number
    readonly laid?: string | null
  }[]
  chosen: Chosen<T>
}>()
const emit = defineEmits<{ choose: [chosen: Chosen<T>] }>()

function state(value: T): 'any' | 'without' | null {
  return props.chosen.any.includes(value) ? 'any' : props.chosen.without.includes(value) ? 'without' : null
}

function put(value: T, into: 'any' | 'without' | null): void {
  const rest = {
    any: props.chosen.any.filter(other => other !== value),
    without: props.chosen.without.filter(other => other !== value),
  }
  emit('choose', into === null ? rest : { ...rest, [into]: [...rest[into], value] })
}
</script>

<template>
  <h2 v-if="head && values.length > 0" class="part-head">
    {{ head }}
  </h2>
  <ul v-if="values.length > 0" class="facets" :aria-label="label">
    <li
      v-for="{ value, text, count, depth, laid } in values"
      :key="value"
      :class="state(value)"
      :style="{ paddingLeft: `${(depth ?? 0) * 12}px` }">
      <TickBox
        :model-value="state(value) === 'any'"
        :indeterminate="state(value) === 'without'"
        @update:model-value="put(value, state(value) === null ? 'any' : null)"
        ><span
          v-if="laid !== undefined"
          class="ink"
          :style="{ background: laid ?? 'var(--no-colour)' }"
          aria-hidden="true" />
        <span class="cut text">{{ text }}</span></TickBox
      >
      <v-btn
        class="without"
        :aria-pressed="state(value) === 'without'"
        :aria-label="`Without: ${text}`"
        @click="put(value, state(value) === 'without' ? null : 'without')">
        without
      </v-btn>
      <span class="quiet">{{ count }}</span>
    </li>
  </ul>
</template>

<style scoped>
.part-head {
  margin-top: 14px;
}
.facets {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 25px;
}
.tick {
  flex: 1;
  min-width: 0;
}
.tick :deep(.v-label) {
  display: flex;
  gap: 8px;
  min-width: 0;
}
.ink {
  width: 4px;
  height: 14px;
  flex: none;
}
.any .text {
  font-weight: 600;
}
.without .text {
  text-decoration: line-through;
  color: var(--ink-2);
}
button.without {
  font-size: 11px;
  color: var(--ink-3);
  opacity: 0;
  flex: none;
}
li:hover button.without,
button.without:focus-visible,
button.without[aria-pressed='true'] {
  opacity: 1;
}
button.without:hover {
  color: var(--act);
  text-decoration: underline;
}
button.without[aria-pressed='true'] {
  color: var(--warn);
  font-weight: 600;
}
</style>
