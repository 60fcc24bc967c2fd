import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { computed, ref } from 'vue'
import type { ScannedPage } from '../../contract/scan'
import type { DocumentId } from '../../core/ids'
import type { ScanEdits } from '../../core/scan/index'
import { addPicture, bindScans, dropScan, editScan, readScan, readScans, scanPages, scanPicture } from '../api/scans'
import { useActs } from './acts'
import { useNotice } from './notice'
import type { Remote } from './remote'
import { refusalOf } from './remote'

/** One piece of work at a time that is told in words while it goes on; what it refuses is said in the bottom line. */
function toldWork() {
  /** What is being done, in words; empty when nothing is. */
  const doing = ref('')
  /** Of what is being done, 0 to 1. */
  const share = ref(0)

  /** False when it was refused, or something else is going on. */
  async function during(words: string, work: () => Promise<void>): Promise<boolean> {
    if (doing.value !== '') return false
    doing.value = words
    share.value = 0
    try {
      await work()
      return true
    } catch (error) {
      useNotice().refuse(refusalOf(error))
      return false
    } finally {
      doing.value = ''
    }
  }

  return { doing, share, during }
}

/** Pages of the scanner on their way to a document. */
export const useScans = defineStore('scans', () => {
  const pages = ref<ScannedPage[]>([])
  /** Ids in the order in which they are bound; new pages come behind. */
  const order = ref<string[]>([])
  const loaded = ref<Remote<true>>({ state: 'loading' })
  const { doing, share, during } = toldWork()
  const binding = { stopped: false }

  const isStopped = () => binding.stopped

  const inOrder = computed(() => order.value.flatMap(id => pages.value.find(page => page.id === id) ?? []))

  function keep(now: readonly ScannedPage[]): void {
    pages.value = [...now]
    order.value = [
      ...order.value.filter(id => now.some(page => page.id === id)),
      ...now.filter(page => !order.value.includes(page.id)).map(page => page.id),
    ]
  }

  async function load(): Promise<void> {
    try {
      keep((await readScans()).pages)
      loaded.value = { state: 'ready', value: true }
    } catch (error) {
      loaded.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  const scan = () => during('The scanner draws its pages in…', async () => keep((await scanPages()).pages))
  const add = (files: readonly File[]) =>
    during('The pictures are looked at…', async () => {
      for (const file of files) keep((await addPicture(file)).pages)
    })

  function edit(id: string, edits: ScanEdits): void {
    const page = pages.value.find(one => one.id === id)
    if (!page) return
    page.edits = edits
    page.read = false
    void editScan(id, edits).catch((error: unknown) => useNotice().refuse(refusalOf(error)))
  }

  function shift(id: string, by: number): void {
    const [from, to] = [order.value.indexOf(id), order.value.indexOf(id) + by]
    if (from < 0 || to < 0 || to >= order.value.length) return
    const next = [...order.value]
    next.splice(to, 0, ...next.splice(from, 1))
    order.value = next
  }

  const drop = (id: string) =>
    during('', async () => {
      await dropScan(id)
      keep(pages.value.filter(page => page.id !== id))
    })

  /** Recognises every page, then binds them; stopping keeps the pages. The document's id, or null. */
  async function bind(name: string): Promise<DocumentId | null> {
    const documentId = newId<DocumentId>()
    binding.stopped = false
    const ids = [...order.value]
    let words = 0
    const done = await during(`Page 1 of ${ids.length} is read…`, async () => {
      for (const [index, id] of ids.entries()) {
        if (isStopped()) return
        doing.value = `Page ${index + 1} of ${ids.length} is read…`
        words += (await readScan(id)).words
        share.value = (index + 1) / (ids.length + 1)
      }
      if (isStopped()) return
      await bindScans({ change: newId(), document: documentId, name, pages: ids })
      keep(pages.value.filter(page => !ids.includes(page.id)))
      await useActs().refresh()
      if (words === 0)
        useNotice().say(
          `“${name}” is in the In-tray. No text was recognised on ` +
            `${ids.length === 1 ? 'its page' : 'its pages'}; it is found by its name.`,
        )
    })
    return done && !isStopped() ? documentId : null
  }

  function stop(): void {
    binding.stopped = true
  }

  return { inOrder, loaded, doing, share, load, scan, add, edit, shift, drop, bind, stop }
})

/** Where the picture of a page is, as it would be with these edits. */
export const scanPictureOf = scanPicture
