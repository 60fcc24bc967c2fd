// The draft that is open: opening it, keeping it while it is written, applying it.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { DraftContent } from '../../contract/draft'
import type { PeriodOf } from '../../core/draft/index'
import { baseOf } from '../../core/draft/index'
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

type Written = Omit<DraftContent, 'additive' | 'period'>

const sendDraft = ({ id, rootId, additive, period }: OpenDraft, name: string, written: Written) =>
  api.keepDraft(id, { name, rootId, content: { ...written, additive, period } })

/** What was compared, as one Change; the ids that the new folders got, by the index of their row. */
async function applied(draft: OpenDraft | null): Promise<Outcome & { ids?: readonly FolderId[] }> {
  const { compared, choices } = useDraftComparison()
  if (!draft || !compared) {
    const message = 'The draft is still being compared with the plan.'
    return { ok: false, reason: { code: 'act.nothing', message, details: {} } }
  }
  const usedInks = new Set(useColourKey().meanings.map(meaning => meaning.ink))
  const command = draftCommand({ ...draft, numbering: useDraftText().numbering, compared, choices, usedInks })
  const outcome = await useActs().act(command, { quiet: true })
  return outcome.ok ? { ...outcome, ids: command.folders.map(folder => folder.id) } : outcome
}

export const useDraft = defineStore('draft', () => {
  const [plan, colourKey] = [usePlan(), useColourKey()]
  const [draftText, comparison, meanwhile] = [useDraftText(), useDraftComparison(), useDraftRebase()]
  const [open, name] = [shallowRef<Remote<OpenDraft>>({ state: 'idle' }), ref('')]
  const opened = computed(() => (open.value.state === 'ready' ? open.value.value : null))
  const hasPlan = computed(() => opened.value !== null && plan.outline.state === 'ready')
  const rootId = computed(() => opened.value?.rootId ?? null)
  const additive = computed(() => opened.value?.additive ?? false)
  /** Its folder is in the Trash: the draft stays as it is until it is back. */
  const isRootGone = computed(() => hasPlan.value && rootId.value !== null && !plan.tree.byId.has(rootId.value))
  const keeping = keptSoon(sendKept, refusalOf)

  /** Opens a kept draft. What changed in the plan since is taken into it. */
  async function load(id: string): Promise<void> {
    close()
    open.value = { state: 'loading' }
    try {
      const draft = await api.readDraft(id)
      if (plan.outline.state !== 'ready') await plan.load()
      const { content } = draft
      const value = { id, rootId: draft.rootId, additive: content.additive, period: content.period }
      open.value = { state: 'ready', value }
      name.value = draft.name
      meanwhile.base = content.base
      draftText.show(content)
      rebase()
      comparison.begin(value)
    } catch (error) {
      open.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  const write = (text: string, folderIds: readonly (FolderId | null)[]): void =>
    void (draftText.write(text, folderIds) && changed())

  function changed(): void {
    if (!opened.value) return
    comparison.soon()
    keeping.soon()
  }

  function rebase(): void {
    if (!hasPlan.value || isRootGone.value) return
    const now = additive.value ? [] : baseOf(plan.tree, colourKey.meaningName, rootId.value)
    if (meanwhile.rebase(now, rootId.value)) keeping.soon()
  }

  watch(
    () => plan.outline,
    () => {
      if (!hasPlan.value) return
      comparison.tellPlan()
      rebase()
      comparison.soon()
    },
  )
  watch([() => draftText.numbering, name], changed)

  async function sendKept(): Promise<void> {
    if (opened.value) await sendDraft(opened.value, name.value, { ...draftText.kept(), base: [...meanwhile.base] })
  }

  const keep = async (): Promise<void> => void (opened.value && (await keeping.now()))

  /** Applies what was compared. */
  async function apply(): Promise<Outcome & { ids?: readonly FolderId[] }> {
    const outcome = await applied(opened.value)
    if (outcome.ok) await discard()
    else if (outcome.reason.code === 'draft.stale') await plan.load()
    return outcome
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
