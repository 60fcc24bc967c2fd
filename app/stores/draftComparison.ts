// What applying the open draft would do, compared with the plan in a worker a moment after the last letter.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { HintSettings } from '../../core/draft/index'
import { HINT_SETTINGS } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import type { WhereTo } from '../../core/plan/index'
import type { Compared, DraftQuestion } from '../workers/draftWorker'
import { useDraftText } from './draftText'
import { usePlan } from './plan'

const COMPARE_MS = 90
const LOCALE = 'en'

export type { Compared } from '../workers/draftWorker'

/** What of a draft is compared beside its text. */
type Frame = Pick<DraftQuestion & { kind: 'compare' }, 'rootId' | 'additive' | 'period'>

export const useDraftComparison = defineStore('draftComparison', () => {
  const [plan, draftText] = [usePlan(), useDraftText()]
  const settings = ref<HintSettings>({ ...HINT_SETTINGS })
  const compared = shallowRef<Compared | null>(null)
  /** Where the documents of a folder go that is removed. */
  const choices = ref(new Map<FolderId, WhereTo>())
  let frame: Frame | null = null
  let worker: Worker | null = null
  let turn = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  const changes = computed(() => {
    if (!compared.value) return 0
    const { rows, removed } = compared.value
    return rows.filter(row => row.states.length > 0).length + removed.length + (draftText.numbering ? 1 : 0)
  })

  function begin(of: Frame): void {
    frame = of
    soon(0)
  }

  function soon(after = COMPARE_MS): void {
    clearTimeout(timer)
    timer = setTimeout(() => {
      if (!frame) return
      const { text, folderIds, numbering } = draftText
      ask({ kind: 'compare', turn: ++turn, ...frame, text, folderIds, numbering, settings: { ...settings.value } })
    }, after)
  }

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

  watch(settings, () => soon(), { deep: true })

  function end(): void {
    clearTimeout(timer)
    turn++
    frame = null
    compared.value = null
    choices.value = new Map()
    worker?.terminate()
    worker = null
  }

  return { settings, compared, choices, changes, begin, soon, tellPlan, end }
})
