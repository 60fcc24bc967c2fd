<script setup lang="ts">
// A table of contents to print: codes, names, dotted leaders, counts; colours as words as well.
import { computed } from 'vue'
import { meaningOf } from '../../../core/colour/index'
import { dateText } from '../../../core/dates/index'
import { tryParseId } from '../../../core/ids'
import type { FolderRow } from '../../../core/rows/index'
import { branchOf, outlineOf, pathOf } from '../../../core/tree/index'
import { usePageTitle } from '../../composables/usePageTitle'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useColourKey } from '../../stores/colourKey'

definePageMeta({ layout: 'bare' })
const route = useRoute()
const plan = usePlan()
const placeNames = usePlaceNames()
const colourKey = useColourKey()
if (plan.outline.state !== 'ready') void plan.load()

const rootId = computed(() => tryParseId<'folder'>(String(route.params.folder ?? '')))
usePageTitle(() => (rootId.value === null ? '' : `Contents: ${placeNames.placeOf(rootId.value)?.text ?? ''}`))
const rows = computed(() => {
  const scope =
    rootId.value === null ? outlineOf(plan.tree).map(({ folder }) => folder) : branchOf(plan.tree, rootId.value)
  const less = rootId.value === null ? 1 : pathOf(plan.tree, rootId.value).length
  return scope.map(folder => ({
    folder,
    depth: pathOf(plan.tree, folder.id).length - less,
    code: placeNames.codeOf(folder.id),
    ink: placeNames.placeOf(folder.id)?.ink ?? null,
    meaning: meaningText(folder),
  }))
})
/** The word of a colour where it begins; nothing where the folder is called the same. */
function meaningText({ id, name, meaningId }: FolderRow): string {
  if (meaningId === null) return ''
  const word = colourKey.meaningById.get(meaningOf(plan.tree, id) ?? meaningId)?.name ?? ''
  return word === name ? '' : word
}
const print = () => window.print()
const today = dateText(new Date().toISOString())
</script>

<template>
  <div class="contents">
    <p class="bar">
      <v-btn class="act main" @click="print">Print <span class="key">Ctrl+P</span></v-btn>
      <NuxtLink class="act" :to="rootId ? `/plan/${rootId}` : '/plan'"> Back to the plan </NuxtLink>
    </p>
    <h1>{{ rootId ? placeNames.placeOf(rootId)?.text : plan.reply?.plan.name }}</h1>
    <p class="second">Contents, {{ today }}</p>
    <ol>
      <li v-for="{ folder, depth, code, ink, meaning } in rows" :key="folder.id" :class="{ top: depth === 0 }">
        <i :style="{ background: ink ?? 'transparent', marginLeft: `${depth * 18}px` }" aria-hidden="true" />
        <span class="code">{{ code }}</span><span>{{ folder.name }}</span
        ><em v-if="meaning">{{ meaning }}</em> <span class="leader" aria-hidden="true" /><span>{{
          (plan.totals.get(folder.id) ?? 0).toLocaleString('en-GB')
        }}</span>
        <small v-if="folder.purpose" :style="{ marginLeft: `${depth * 18 + 58}px` }">{{ folder.purpose }}</small>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.contents {
  max-width: 720px;
  margin: 0 auto;
  padding: 24px 28px 40px;
}
h1 {
  font-size: 26px;
  padding-top: 14px;
}
.bar {
  display: flex;
  gap: 8px;
}
ol {
  list-style: none;
  padding: 14px 0 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  min-height: 23px;
  break-inside: avoid;
}
li.top {
  font-weight: 600;
  margin-top: 7px;
  break-after: avoid;
}
i {
  width: 5px;
  height: 15px;
  flex: none;
  margin-right: 9px;
  print-color-adjust: exact;
}
.code {
  min-width: 44px;
  padding-right: 8px;
  color: var(--ink-2);
}
em {
  font-size: 12px;
  color: var(--ink-2);
  margin-left: 9px;
  font-weight: 400;
}
small {
  flex-basis: 100%;
  font-size: 12px;
  font-weight: 400;
  font-style: italic;
  color: var(--ink-2);
}
</style>

<style>
@media print {
  html .contents.contents {
    max-width: none;
    padding: 0;
  }
  .contents .bar {
    display: none;
  }
}
</style>
