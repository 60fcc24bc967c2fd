// The draft that is open: its text, what applying it would do, and keeping it while it is written.

import { defineStore } from 'pinia'
import { v7 } from 'uuid'
import { computed, ref, shallowRef, watch } from 'vue'
import { INKS } from '../../core/colour/index'
import type { BaseFolder, DraftLine, HintSettings, PeriodOf } from '../../core/draft/index'
import { baseOf, HINT_SETTINGS, linesOf, outlineText, rebaseDraft } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import type { Numbering } from '../../core/numbering/index'
import type { WhereTo } from '../../core/plan/index'
import type { Refusal } from '../../core/errors'
import * as api from '../api/drafts'
import type { Compared, DraftQuestion } from '../workers/draftWorker'
import type { Outcome } from './acts'
import { useActs } from './acts'
import { usePlan } from './plan'
import type { Remote } from './remote'
import { refusalOf } from './remote'

const COMPARE_MS = 90
const KEEP_MS = 900
const LOCALE = 'en'

export type { Compared } from '../workers/draftWorker'

export interface OpenDraft {
  readonly id: string
  readonly rootId: FolderId | null
  readonly additive: boolean
}

export const useDraft = defineStore('draft', () => {
  const [plan, acts] = [usePlan(), useActs()]
  const open = shallowRef<Remote<OpenDraft>>({ state: 'idle' })
  const name = ref('')
  const text = ref('')
  const folderIds = shallowRef<readonly (FolderId | null)[]>([])
  const numbering = shallowRef<Numbering | null>(null)
  const settings = ref<HintSettings>({ ...HINT_SETTINGS })
  const compared = shallowRef<Compared | null>(null)
  const choices = ref(new Map<FolderId, WhereTo>())
  const collisions = ref<readonly string[]>([])
  const taken = ref(0)
  const keeping = ref<'kept' | 'waiting' | 'keeping' | 'failed'>('kept')
  /** Content that the editor has to show in place of its own. */
  const handed = shallowRef<{ text: string; folderIds: readonly (FolderId | null)[] } | null>(null)
  let base: readonly BaseFolder[] = []
  let period: PeriodOf | null = null
  let worker: Worker | null = null
  let turn = 0
  let sending: Promise<unknown> = Promise.resolve()
  let timers: { compare?: ReturnType<typeof setTimeout>; keep?: ReturnType<typeof setTimeout> } = {}

  const rootId = computed(() => (open.value.state === 'ready' ? open.value.value.rootId : null))
  /** Its folder is in the Trash: the draft stays as it is until it is back. */
  const isRootGone = computed(
    () => rootId.value !== null && plan.outline.state === 'ready' && !plan.tree.byId.has(rootId.value),
  )
  const changes = computed(() => {
    if (!compared.value) return 0
    const { rows, removed } = compared.value
    return rows.filter(row => row.states.length > 0).length + removed.length + (numbering.value ? 1 : 0)
  })
  const additive = computed(() => open.value.state === 'ready' && open.value.value.additive)
  const baseNow = () => (additive.value ? [] : baseOf(plan.tree, plan.meaningName, rootId.value))

  /** Opens a kept draft. What changed in the plan since is taken into it. */
  async function load(id: string): Promise<void> {
    close()
    open.value = { state: 'loading' }
    try {
      const draft = await api.readDraft(id)
      if (plan.outline.state !== 'ready') await plan.load()
      open.value = { state: 'ready', value: { id, rootId: draft.rootId, additive: draft.content.additive } }
      name.value = draft.name
      numbering.value = draft.content.numbering
      base = draft.content.base
      period = draft.content.period
      hand(linesOf(draft.content.text, draft.content.folderIds))
      rebase()
      compareSoon(0)
    } catch (error) {
      open.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  /** Makes a draft of lines and keeps it; the id to open it by. Throws the refusal. */
  async function begin(draft: {
    name: string
    rootId: FolderId | null
    lines: readonly DraftLine[]
    additive?: boolean
    period?: PeriodOf
  }): Promise<string> {
    const id = v7()
    const content = {
      text: outlineText(draft.lines),
      folderIds: draft.lines.map(line => line.folderId),
      numbering: null,
      additive: draft.additive ?? false,
      period: draft.period ?? null,
      base: draft.additive ? [] : baseOf(plan.tree, plan.meaningName, draft.rootId),
    }
    await api.keepDraft(id, { name: draft.name, rootId: draft.rootId, content })
    return id
  }

  function hand(lines: readonly DraftLine[]): void {
    text.value = outlineText(lines)
    folderIds.value = lines.map(line => line.folderId)
    handed.value = { text: text.value, folderIds: folderIds.value }
  }

  /** The editor says what stands there now. */
  function write(next: string, ids: readonly (FolderId | null)[]): void {
    if (next === text.value && ids === folderIds.value) return
    text.value = next
    folderIds.value = ids
    compareSoon()
    keepSoon()
  }

  function rebase(): void {
    if (open.value.state !== 'ready' || plan.outline.state !== 'ready' || isRootGone.value) return
    const now = baseNow()
    if (JSON.stringify(now) === JSON.stringify(base)) return
    const lines = linesOf(text.value, folderIds.value)
    const rebased = rebaseDraft(lines, base, now, rootId.value)
    base = now
    if (rebased.taken > 0 && outlineText(rebased.lines) !== text.value) hand(rebased.lines)
    taken.value += rebased.taken
    collisions.value = [...collisions.value, ...rebased.collisions]
    keepSoon()
  }

  watch(
    () => plan.outline,
    () => {
      if (open.value.state !== 'ready' || plan.outline.state !== 'ready') return
      tellPlan()
      rebase()
      compareSoon()
    },
  )
  watch(
    [numbering, settings],
    () => {
      compareSoon()
      keepSoon()
    },
    { deep: true },
  )
  watch(name, keepSoon)

  function tellPlan(): void {
    if (plan.reply) ask({ kind: 'plan', outline: plan.reply, folders: plan.rows, locale: LOCALE })
  }

  function ask(question: DraftQuestion): void {
    if (!worker) {
      worker = new Worker(new URL('../workers/draftWorker.ts', import.meta.url), { type: 'module' })
      worker.onmessage = ({ data }: MessageEvent<{ turn: number; compared: Compared }>) => {
        if (data.turn === turn) compared.value = data.compared
      }
      if (question.kind !== 'plan') tellPlan()
    }
    worker.postMessage(question)
  }

  function compareSoon(after = COMPARE_MS): void {
    clearTimeout(timers.compare)
    timers.compare = setTimeout(() => {
      if (open.value.state !== 'ready') return
      ask({
        kind: 'compare',
        turn: ++turn,
        rootId: rootId.value,
        text: text.value,
        folderIds: folderIds.value,
        numbering: numbering.value,
        additive: additive.value,
        period,
        settings: { ...settings.value },
      })
    }, after)
  }

  function keepSoon(): void {
    if (open.value.state !== 'ready') return
    keeping.value = 'waiting'
    clearTimeout(timers.keep)
    timers.keep = setTimeout(() => void keep(), KEEP_MS)
  }

  async function keep(): Promise<void> {
    if (open.value.state !== 'ready') return
    clearTimeout(timers.keep)
    keeping.value = 'keeping'
    const { id } = open.value.value
    try {
      await (sending = api.keepDraft(id, {
        name: name.value,
        rootId: rootId.value,
        content: {
          text: text.value,
          folderIds: folderIds.value,
          numbering: numbering.value,
          additive: additive.value,
          period,
          base,
        },
      }))
      if (stillKeeping()) keeping.value = 'kept'
    } catch (error) {
      refusalOf(error)
      keeping.value = 'failed'
      timers.keep = setTimeout(() => void keep(), KEEP_MS * 4)
    }
  }

  /** False once something was written while it was sent. */
  const stillKeeping = () => keeping.value === 'keeping'

  /** Applies what was compared, as one Change; the ids that the new folders got, by the index of their row. */
  async function apply(): Promise<Outcome & { ids?: readonly FolderId[] }> {
    const now = compared.value
    if (!now || open.value.state !== 'ready')
      return {
        ok: false,
        reason: {
          code: 'act.nothing',
          message: 'The draft is still being compared with the plan.',
          details: {},
        } satisfies Refusal,
      }
    const fresh = new Map<string, string>()
    const real = <Id extends string>(id: Id): Id => {
      if (!id.startsWith('new-')) return id
      if (!fresh.has(id)) fresh.set(id, v7())
      return fresh.get(id) as Id
    }
    const used = new Set(plan.meanings.map(meaning => meaning.ink))
    const inks = [...INKS.filter(ink => !used.has(ink)), ...INKS]
    const folders = now.drafted.map(folder => ({
      ...folder,
      id: real(folder.id),
      meaningId: folder.meaningId === null ? null : real(folder.meaningId),
    }))
    const outcome = await acts.act(
      {
        kind: 'draft.apply',
        rootId: rootId.value,
        revision: now.revision,
        folders,
        removed: now.removed.map(({ id }) => ({ id, documents: choices.value.get(id) ?? { to: 'parent' as const } })),
        newMeanings: now.newMeanings.map((meaning, index) => ({
          id: real(meaning.id),
          name: meaning.name,
          ink: inks[index % inks.length] ?? INKS[0],
        })),
        numbering: numbering.value,
        additive: additive.value,
      },
      { quiet: true },
    )
    if (!outcome.ok) {
      if (outcome.reason.code === 'draft.stale') await plan.load()
      return outcome
    }
    await discard()
    return { ...outcome, ids: folders.map(folder => folder.id) }
  }

  async function discard(): Promise<void> {
    if (open.value.state !== 'ready') return
    const { id } = open.value.value
    forget()
    // What is on its way would bring it back.
    await sending.catch(refusalOf)
    await api.discardDraft(id).catch(refusalOf)
  }

  /** Closes the draft; what was typed last is sent first. */
  function close(): void {
    if (keeping.value !== 'kept') void keep()
    forget()
  }

  /** What was taken over from the plan meanwhile has been read. */
  function dismissRebase(): void {
    collisions.value = []
    taken.value = 0
  }

  function forget(): void {
    clearTimeout(timers.compare)
    clearTimeout(timers.keep)
    timers = {}
    turn++
    open.value = { state: 'idle' }
    compared.value = null
    choices.value = new Map()
    dismissRebase()
    handed.value = null
    numbering.value = null
    keeping.value = 'kept'
    worker?.terminate()
    worker = null
  }

  return {
    open,
    name,
    text,
    folderIds,
    numbering,
    settings,
    compared,
    choices,
    collisions,
    taken,
    keeping,
    handed,
    rootId,
    additive,
    isRootGone,
    changes,
    dismissRebase,
    load,
    begin,
    write,
    keep,
    apply,
    discard,
    close,
  }
})
