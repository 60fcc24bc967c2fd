// Begins a draft with its first lines, and opens it.

import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { DraftLine, PeriodOf } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import { useDrafts } from '../stores/drafts'
import { usePlan } from '../stores/plan'
import { refusalOf } from '../stores/remote'

export function useDraftBegin() {
  const [drafts, plan] = [useDrafts(), usePlan()]
  const router = useRouter()
  const refused = ref('')

  async function begin(
    name: string,
    rootId: FolderId | null,
    lines: readonly DraftLine[],
    additive: boolean,
    period?: PeriodOf,
  ): Promise<string | null> {
    refused.value = ''
    try {
      const id = await drafts.begin({
        name,
        rootId,
        lines: lines.length > 0 ? lines : [{ folderId: null, depth: 0, text: '' }],
        additive,
        period,
      })
      await router.push(`/draft/${id}`)
      return id
    } catch (error) {
      refused.value = refusalOf(error).message
      return null
    }
  }

  /** What begins from the plan waits for its outline; begun before it is there, the draft would be empty. */
  async function fromPlan(make: () => Promise<string | null>): Promise<string | null> {
    if (plan.outline.state !== 'ready') await plan.load()
    if (plan.outline.state !== 'error') return make()
    refused.value = plan.outline.reason.message
    return null
  }

  return { refused, begin, fromPlan }
}
