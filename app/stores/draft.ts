// The draft that is open: opening it, keeping it while it is written, applying it.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { PeriodOf } from '../../core/draft/index'
import { baseOf, linesOf } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import * as api from '../api/drafts'
import type { Outcome } from './acts'
import { useActs } from './acts'
import { useColourKey } from './colourKey'
import { draftCommand } from './draftCommand'
import { useDraftComparison } from './draftComparison'
import { useDraftRebase } from './draftRebase'
import { useDraftText } from './draftText'
import { keptSoon } from './keptSoon'
import { usePlan } from './plan'
import type { Remote } from './remote'
import { refusalOf } from './remote'

interface OpenDraft {
  readonly id: string
  readonly rootId: FolderId | null
  readonly additive: boolean
  readonly period: PeriodOf | null
}

export const useDraft = defineStore('draft', () => {
  const [plan, acts, colourKey] = [usePlan(), useActs(), useColourKey()]
  const [draftText, comparison, meanwhile] = [useDraftText(), useDraftComparison(), useDraftRebase()]
  const open = shallowRef<Remote<OpenDraft>>({ state: 'idle' })
  const name = ref('')
  const opened = computed(() => (open.value.state === 'ready' ? open.value.value : null))
  const rootId = computed(() => opened.value?.rootId ?? null)
  const additive = computed(() => opened.value?.additive ?? false)
  /** Its folder is in the Trash: the draft stays as it is until it is back. */
  const isRootGone = computed(
    () => rootId.value !== null && plan.outline.state === 'ready' && !plan.tree.byId.has(rootId.value),
  )
  const keeping = keptSoon(sendKept, refusalOf)

  /** Opens a kept draft. What changed in the plan since is taken into it. */
  async function load(id: string): Promise<void> {
    close()
    open.value = { state: 'loading' }
    try {
      const draft = await api.readDraft(id)
      if (plan.outline.state !== 'ready') await plan.load()
      const { text, folderIds, numbering, additive: adds, period, base } = draft.content
      const value = { id, rootId: draft.rootId, additive: adds, period }
      open.value = { state: 'ready', value }
      name.value = draft.name
      draftText.numbering = numbering
      meanwhile.base = base
      draftText.hand(linesOf(text, folderIds))
      rebase()
      comparison.begin(value)
    } catch (error) {
      open.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  function write(text: string, folderIds: readonly (FolderId | null)[]): void {
    if (draftText.write(text, folderIds)) changed()
  }

  function changed(): void {
    if (!opened.value) return
    comparison.soon()
    keeping.soon()
  }

  function rebase(): void {
    if (!opened.value || plan.outline.state !== 'ready' || isRootGone.value) return
    const now = additive.value ? [] : baseOf(plan.tree, colourKey.meaningName, rootId.value)
    if (meanwhile.rebase(now, rootId.value)) keeping.soon()
  }

  watch(
    () => plan.outline,
    () => {
      if (!opened.value || plan.outline.state !== 'ready') return
      comparison.tellPlan()
      rebase()
      comparison.soon()
    },
  )
  watch([() => draftText.numbering, name], changed)

  async function sendKept(): Promise<void> {
    if (!opened.value) return
    const { text, folderIds, numbering } = draftText
    const { id, period } = opened.value
    const content = { text, folderIds: [...folderIds], numbering, additive: additive.value, period }
    await api.keepDraft(id, {
      name: name.value,
      rootId: rootId.value,
      content: { ...content, base: [...meanwhile.base] },
    })
  }

  async function keep(): Promise<void> {
    if (opened.value) await keeping.now()
  }

  /** Applies what was compared, as one Change; the ids that the new folders got, by the index of their row. */
  async function apply(): Promise<Outcome & { ids?: readonly FolderId[] }> {
    const { compared, choices } = comparison
    if (!compared || !opened.value) {
      const message = 'The draft is still being compared with the plan.'
      return { ok: false, reason: { code: 'act.nothing', message, details: {} } }
    }
    const usedInks = new Set(colourKey.meanings.map(meaning => meaning.ink))
    const command = draftCommand({ ...opened.value, numbering: draftText.numbering, compared, choices, usedInks })
    const outcome = await acts.act(command, { quiet: true })
    if (!outcome.ok) {
      if (outcome.reason.code === 'draft.stale') await plan.load()
      return outcome
    }
    await discard()
    return { ...outcome, ids: command.folders.map(folder => folder.id) }
  }

  async function discard(): Promise<void> {
    if (!opened.value) return
    const { id } = opened.value
    forget()
    // What is on its way would bring it back.
    await keeping.settled()
    await api.discardDraft(id).catch(refusalOf)
  }

  /** Closes the draft; what was typed last is sent first. */
  function close(): void {
    if (keeping.state.value !== 'kept') void keep()
    forget()
  }

  function forget(): void {
    keeping.stop()
    open.value = { state: 'idle' }
    comparison.end()
    meanwhile.dismiss()
    draftText.clear()
  }

  return { open, name, keeping: keeping.state, rootId, additive, isRootGone, load, write, keep, apply, discard, close }
})
