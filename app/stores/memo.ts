// A memo while it is written. Each letter is kept in the browser at once; the plan gets a version when the
// person pauses, leaves or says so, so that History is not made of letters.

import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { computed, ref } from 'vue'
import type { DocumentFacts } from '../../contract/document'
import type { DocumentId, FolderId, TagId } from '../../core/ids'
import { readBytes, readDocument } from '../api/documents'
import { sendContent, sendNew } from '../api/uploads'
import { useActs } from './acts'
import { refusalOf } from './remote'

const PAUSE_MS = 12_000
const keyOf = (id: string) => `hembix.memo.${id}`

/** Forgets what was typed in this browser and is not in the plan. */
export const forgetTyped = (id: string): void => localStorage.removeItem(keyOf(id))

export const useMemo = defineStore('memo', () => {
  const acts = useActs()
  const id = ref<DocumentId | null>(null)
  const document = ref<DocumentFacts | null>(null)
  const name = ref('')
  const text = ref('')
  /** As it was kept last. */
  const kept = ref('')
  const state = ref<'loading' | 'ready' | 'keeping' | 'gone'>('loading')
  const refused = ref('')
  const wantedTags = ref<string[]>([])
  let folderId: FolderId | null = null
  let timer: ReturnType<typeof setTimeout> | null = null

  const isDirty = computed(
    () => text.value !== kept.value || (document.value !== null && name.value.trim() !== document.value.name),
  )

  /** A name that is typed while it is being opened stays. */
  async function open(
    memo: DocumentId,
    folder: FolderId | null,
    begin: () => Promise<{ name: string; text: string }>,
  ): Promise<void> {
    stop()
    name.value = ''
    id.value = memo
    folderId = folder
    document.value = null
    refused.value = ''
    wantedTags.value = []
    state.value = 'loading'
    const beginning = await begin()
    try {
      document.value = await readDocument(memo)
      kept.value = new TextDecoder().decode(await readBytes(memo, document.value.version))
      name.value ||= document.value.name
    } catch (error) {
      if (refusalOf(error).code !== 'notFound') {
        refused.value = refusalOf(error).message
        state.value = 'gone'
        return
      }
      kept.value = ''
      name.value ||= beginning.name
    }
    // What was typed and not kept, before a crash or without the server, goes on here.
    text.value = localStorage.getItem(keyOf(memo)) ?? (document.value ? kept.value : beginning.text)
    state.value = 'ready'
    if (isDirty.value && document.value) soon()
  }

  function write(next: string): void {
    text.value = next
    if (id.value) localStorage.setItem(keyOf(id.value), next)
    soon()
  }

  function soon(): void {
    if (timer) clearTimeout(timer)
    timer = setTimeout(() => void keep(), PAUSE_MS)
  }

  function stop(): void {
    if (timer) clearTimeout(timer)
    timer = null
  }

  let keeping: { readonly memo: DocumentId | null; readonly done: Promise<boolean> } | null = null

  /**
   * True when all is kept in the plan. An empty new memo is nothing yet. What is typed while it is being kept is kept
   * right after.
   */
  function keep(): Promise<boolean> {
    stop()
    const { value: memo } = id
    if (keeping?.memo === memo) return keeping.done
    const mine = {
      memo,
      done: keepAll(memo).finally(() => {
        if (keeping === mine) keeping = null
      }),
    }
    keeping = mine
    return mine.done
  }

  async function keepAll(memo: DocumentId | null): Promise<boolean> {
    for (;;) {
      if (
        !memo ||
        id.value !== memo ||
        state.value !== 'ready' ||
        !isDirty.value ||
        (document.value === null && text.value.trim() === '')
      )
        return true
      const before = text.value
      if (!(await keepOnce(memo))) return false
      if (text.value === before) return true
    }
  }

  async function keepOnce(memo: DocumentId): Promise<boolean> {
    state.value = 'keeping'
    const [sent, wanted] = [text.value, name.value.trim()]
    // Another memo may be opened meanwhile: what comes back is this one's.
    const [isOpen, isKeeping] = [() => id.value === memo, () => state.value === 'keeping']
    try {
      if (document.value === null)
        await sendNew({
          changeId: newId(),
          documentId: memo,
          folder: folderId ?? 'in-tray',
          name: `${wanted || titleOf(sent)}.md`,
          origin: 'memo',
          text: sent,
        })
      else if (sent !== kept.value)
        await sendContent(memo, { changeId: newId(), name: 'memo.md', written: true, text: sent })
      if (localStorage.getItem(keyOf(memo)) === sent) localStorage.removeItem(keyOf(memo))
      const facts = await readDocument(memo)
      if (wanted !== '' && wanted !== facts.name)
        await acts.act({ kind: 'document.rename', id: memo, name: wanted, allowTwin: true })
      if (isOpen()) {
        kept.value = sent
        if (name.value.trim() === '') name.value = facts.name
        if (wantedTags.value.length > 0) await putTags(memo, wantedTags.value.splice(0))
      }
      const now = await readDocument(memo)
      if (isOpen()) {
        document.value = now
        refused.value = ''
      }
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
    if (document.value && id.value) await putTags(id.value, [given])
    else {
      wantedTags.value.push(given)
      await keep()
      if (document.value && id.value && wantedTags.value.length > 0) await putTags(id.value, wantedTags.value.splice(0))
    }
  }

  async function putTags(memo: DocumentId, names: readonly string[]): Promise<void> {
    await acts.act({
      kind: 'tag.put',
      folderIds: [],
      documentIds: [memo],
      tags: names.map(given => ({ id: newId<TagId>(), name: given })),
    })
    document.value = await readDocument(memo)
  }

  return { id, document, name, text, state, refused, wantedTags, isDirty, open, write, keep, tag }
})

/** The first heading or line, for a memo without a name. */
function titleOf(text: string): string {
  const line =
    text
      .split('\n')
      .map(one => one.replace(/^[#>\-*\s[\]x]+/, '').trim())
      .find(one => one !== '') ?? 'Memo'
  return line.replace(/[/\\]/g, '-').slice(0, 80)
}
