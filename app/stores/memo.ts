// A memo while it is written. Each letter is kept in the browser at once; the plan gets a version when the
// person pauses, leaves or says so, so that History is not made of letters.

import { defineStore } from 'pinia'
import type { Ref } from 'vue'
import { computed, ref } from 'vue'
import type { DocumentFacts } from '../../contract/document'
import type { DocumentId, FolderId } from '../../core/ids'
import { readDocument } from '../api/documents'
import { useActs } from './acts'
import { factsOf, keepTyped, sendMemo, tagMemo, textOf, typedOf } from './memoKeeping'
import { refusalOf } from './remote'

const PAUSE_MS = 12_000

/** A timer that begins anew each time, and one piece of work at a time for each memo. */
function pausing(
  text: Ref<string>,
  isKept: (memo: DocumentId) => boolean,
  keepOnce: (memo: DocumentId) => Promise<boolean>,
) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let running: { readonly memo: DocumentId | null; readonly done: Promise<boolean> } | null = null

  const stop = () => clearTimeout(timer)
  function soon(keep: () => Promise<boolean>): void {
    stop()
    timer = setTimeout(() => void keep(), PAUSE_MS)
  }
  async function keepAll(memo: DocumentId | null): Promise<boolean> {
    while (memo && !isKept(memo)) {
      const before = text.value
      if (!(await keepOnce(memo))) return false
      if (text.value === before) return true
    }
    return true
  }
  function once(memo: DocumentId | null): Promise<boolean> {
    stop()
    if (running?.memo === memo) return running.done
    const mine = {
      memo,
      done: keepAll(memo).finally(() => {
        if (running === mine) running = null
      }),
    }
    running = mine
    return mine.done
  }
  return { stop, soon, once }
}

/** What a new memo has from its pattern. */
interface Beginning {
  readonly name: string
  readonly text: string
}

export const useMemo = defineStore('memo', () => {
  const acts = useActs()
  const id = ref<DocumentId | null>(null)
  const document = ref<DocumentFacts | null>(null)
  const [name, text] = [ref(''), ref('')]
  /** As it was kept last. */
  const kept = ref('')
  const state = ref<'loading' | 'ready' | 'keeping' | 'gone'>('loading')
  const refused = ref('')
  const wantedTags = ref<string[]>([])
  let folderId: FolderId | null = null

  const isDirty = computed(
    () => text.value !== kept.value || (document.value !== null && name.value.trim() !== document.value.name),
  )
  const pause = pausing(text, isKept, keepOnce)
  /**
   * True when all is kept in the plan. An empty new memo is nothing yet. What is typed while it is being kept is kept
   * right after.
   */
  const keep = (): Promise<boolean> => pause.once(id.value)

  /** A name that is typed while it is being opened stays. */
  async function open(memo: DocumentId, folder: FolderId | null, begin: () => Promise<Beginning>): Promise<void> {
    pause.stop()
    id.value = memo
    folderId = folder
    document.value = null
    name.value = refused.value = ''
    wantedTags.value = []
    state.value = 'loading'
    const beginning = await begin()
    try {
      document.value = await factsOf(memo)
      kept.value = document.value ? await textOf(document.value) : ''
      name.value ||= document.value?.name ?? beginning.name
    } catch (error) {
      refused.value = refusalOf(error).message
      state.value = 'gone'
      return
    }
    // What was typed and not kept, before a crash or without the server, goes on here.
    text.value = typedOf(memo) ?? (document.value ? kept.value : beginning.text)
    state.value = 'ready'
    if (isDirty.value && document.value) pause.soon(keep)
  }

  function write(next: string): void {
    text.value = next
    if (id.value) keepTyped(id.value, next)
    pause.soon(keep)
  }

  /** Nothing to keep: it is kept, it is another one's turn, or it is new and empty. */
  function isKept(memo: DocumentId): boolean {
    const isEmpty = document.value === null && text.value.trim() === ''
    return id.value !== memo || state.value !== 'ready' || !isDirty.value || isEmpty
  }

  async function keepOnce(memo: DocumentId): Promise<boolean> {
    state.value = 'keeping'
    const sent = { text: text.value, name: name.value.trim(), keptText: kept.value, document: document.value, folderId }
    // Another memo may be opened meanwhile: what comes back is this one's.
    const [isOpen, isKeeping] = [() => id.value === memo, () => state.value === 'keeping']
    try {
      const facts = await sendMemo(memo, sent)
      if (isOpen()) {
        kept.value = sent.text
        if (name.value.trim() === '') name.value = facts.name
        if (wantedTags.value.length > 0) await putTags(memo, wantedTags.value.splice(0))
      }
      const now = await readDocument(memo)
      if (isOpen()) [document.value, refused.value] = [now, '']
      await acts.refresh()
      return true
    } catch (error) {
      const { message } = refusalOf(error)
      if (isOpen()) refused.value = message
      return false
    } finally {
      // Opened anew meanwhile, it is being loaded.
      if (isOpen() && isKeeping()) state.value = 'ready'
    }
  }

  async function tag(given: string): Promise<void> {
    wantedTags.value.push(given)
    if (!document.value) await keep()
    if (document.value && id.value && wantedTags.value.length > 0) await putTags(id.value, wantedTags.value.splice(0))
  }

  async function putTags(memo: DocumentId, names: readonly string[]): Promise<void> {
    document.value = await tagMemo(memo, names)
  }

  return { id, document, name, text, state, refused, wantedTags, isDirty, open, write, keep, tag }
})
