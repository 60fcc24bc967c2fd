<script setup lang="ts">
// The facts of one result, each to search by: only such, or leave out such. What was near it is a search of its own:
// the words that found this one need not stand in its neighbours.
import { mdiMenuDown } from '@mdi/js'
import { computed } from 'vue'
import type { FoundDocument } from '../../../contract/find'
import { dayText } from '../../../core/dates/index'
import type { Rule } from '../../../core/find/index'
import { TYPE_GROUPS, typeGroupOf } from '../../../core/find/index'
import { foldedText } from '../../../core/text/index'
import { originName } from '../../stores/origin'
import { usePlaceNames } from '../../stores/placeNames'
import { useTagList } from '../../stores/tagList'

const props = defineProps<{ row: FoundDocument }>()
const emit = defineEmits<{ only: [rule: Rule]; without: [rule: Rule] }>()

const placeNames = usePlaceNames()
const tagList = useTagList()
const MONTH = 7

const facts = computed<readonly { text: string; rule: Rule }[]>(() => {
  const { row } = props
  const [year = 0, month = 1] = row.changedAt.slice(0, MONTH).split('-').map(Number)
  return [
    { text: TYPE_GROUPS[typeGroupOf(row.extension)].name, rule: { kind: 'type', anyOf: [typeGroupOf(row.extension)] } },
    ...row.folderIds.map(id => ({
      text: `in ${placeNames.placeOf(id)?.text ?? ''}`,
      rule: { kind: 'place', folderId: id, below: true } as const,
    })),
    ...row.tagIds.map(id => ({
      text: `tag ${tagList.tagById.get(id)?.name ?? ''}`,
      rule: { kind: 'tag', anyOf: [id] } as const,
    })),
    ...(row.sender === ''
      ? []
      : [
          {
            text: `from ${row.sender}`,
            rule: { kind: 'text', field: 'sender', op: 'is', value: foldedText(row.sender) } as const,
          },
        ]),
    { text: originName(row.origin), rule: { kind: 'origin', anyOf: [row.origin] } },
    {
      text: `changed in ${dayText(row.changedAt, 0).replace(/^\d+ /, '')}`,
      rule: {
        kind: 'time',
        field: 'changed',
        from: new Date(Date.UTC(year, month - 1)).toISOString(),
        before: new Date(Date.UTC(year, month)).toISOString(),
      },
    },
  ]
})

const DAY_MS = 86_400_000
const near = computed<readonly { text: string; rule: Rule }[]>(() => {
  const { row } = props
  const came = new Date(`${row.createdAt.slice(0, 10)}T00:00:00.000Z`)
  return [
    ...row.folderIds.map(id => ({
      text: `what lies beside it in ${placeNames.placeOf(id)?.text ?? ''}`,
      rule: { kind: 'place', folderId: id, below: false } as const,
    })),
    {
      text: `what came the same day, ${dayText(row.createdAt, 0)}`,
      rule: {
        kind: 'time',
        field: 'added',
        from: came.toISOString(),
        before: new Date(came.getTime() + DAY_MS).toISOString(),
      },
    },
  ]
})
const alone = (rule: Rule) => ({ path: '/find', query: { rule: JSON.stringify({ kind: 'all', rules: [rule] }) } })
</script>

<template>
  <v-menu>
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu" class="such" :aria-label="`Such as ${row.name}`" @click.stop>
        such<v-icon :icon="mdiMenuDown" size="15" />
      </v-btn>
    </template>
    <ul class="facts" :aria-label="`Such as ${row.name}`">
      <li v-for="{ text, rule } in facts" :key="text">
        <span class="cut">{{ text }}</span>
        <v-btn class="place" :aria-label="`Only such: ${text}`" @click="emit('only', rule)"> only such </v-btn>
        <v-btn class="place" :aria-label="`Leave out such: ${text}`" @click="emit('without', rule)"> leave out </v-btn>
      </li>
      <li v-for="{ text, rule } in near" :key="text" class="near">
        <NuxtLink class="place cut" :to="alone(rule)">{{ text }}</NuxtLink>
      </li>
    </ul>
  </v-menu>
</template>

<style scoped>
.such {
  font-size: 12px;
  color: var(--ink-3);
  white-space: nowrap;
}
.such:hover {
  color: var(--act);
}
.facts {
  list-style: none;
  padding: 6px 12px;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  min-width: 320px;
}
.facts li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 14px;
  line-height: 27px;
}
.facts .near {
  grid-template-columns: minmax(0, 1fr);
}
</style>
