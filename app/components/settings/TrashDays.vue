<script setup lang="ts">
// How long the Trash keeps what lies in it. Before a shorter time holds, what would go soon is named.
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import { usePlan } from '../../stores/plan'
import { useTrash } from '../../stores/trash'
import ChoiceField from '../base/ChoiceField.vue'

const [acts, dialogs, plan, trash] = [useActs(), useDialogs(), usePlan(), useTrash()]

const FOR_EVER = 'null'
const DAY_MS = 86_400_000
const KEEPS = [
  { days: 30, text: 'for 30 days' },
  { days: 60, text: 'for 60 days' },
  { days: 180, text: 'for half a year' },
  { days: 365, text: 'for a year' },
  { days: null, text: 'until it is deleted by hand' },
]
const keeps = computed(() => plan.reply?.plan.trashDays ?? null)
const choices = computed(() => {
  const isListed = KEEPS.some(({ days }) => days === keeps.value)
  const all = isListed ? KEEPS : [...KEEPS, { days: keeps.value, text: `for ${keeps.value} days` }]
  return all.map(({ days, text }) => ({ value: String(days), text }))
})

async function keep(chosen: string): Promise<void> {
  const days = chosen === FOR_EVER ? null : Number(chosen)
  const isShorter = days !== null && (keeps.value === null || days < keeps.value)
  if (isShorter && !(await mayGo(days))) return
  await acts.act({ kind: 'plan.trash', days })
}

/** Asks where something is older than that already; it would be deleted for good in the coming night. */
async function mayGo(days: number): Promise<boolean> {
  if (trash.loaded.state !== 'ready') await trash.load()
  const oldest = Date.now() - days * DAY_MS
  const going = trash.items.filter(({ trashedAt }) => Date.parse(trashedAt) < oldest)
  if (going.length === 0) return true
  const answers = await dialogs.ask({
    label: 'A shorter time for the Trash',
    title: `Keep things in the Trash for ${days} days only?`,
    leave: 'Leave it as it is',
    parts: [
      {
        title: `${counted(going.length, 'thing')} in it ${going.length === 1 ? 'is' : 'are'} older. The coming night`,
        choices: [{ value: 'go', title: 'deletes them for good, which cannot be undone' }],
        rows: [
          {
            key: 'trash',
            name: going
              .map(({ name }) => name)
              .slice(0, 3)
              .join(', '),
          },
        ],
      },
    ],
  })
  return answers !== null
}
</script>

<template>
  <ChoiceField
    class="line-field keep"
    label="How long the Trash keeps things"
    :model-value="String(keeps)"
    :choices="choices"
    @update:model-value="keep" />
</template>

<style scoped>
.keep {
  width: auto;
  display: inline-block;
  padding: 2px 6px;
}
</style>
