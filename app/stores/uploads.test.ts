// The upload queue against a stand-in of the browser's request.

import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FolderId } from '../../core/ids'
import { refusal } from '../../core/errors'
import { useDialogs } from './dialogs'
import { useUploads } from './uploads'

class Sent {
  static all: Sent[] = []
  static readonly running = () => Sent.all.filter(request => !request.over)
  upload: { onprogress?: (event: { loaded: number; total: number }) => void } = {}
  onload?: () => void
  onerror?: () => void
  onabort?: () => void
  url = ''
  status = 0
  responseText = ''
  over = false
  constructor() { Sent.all.push(this) }
  open(_method: string, url: string) { this.url = url }
  setRequestHeader() { /* the stand-in sends none */ }
  send() { /* answered by the test */ }
  abort() { this.over = true; this.onabort?.() }
  answer(status: number, body: object) { this.over = true; this.status = status; this.responseText = JSON.stringify(body); this.onload?.() }
}

let clashes: object[] = []
beforeEach(() => {
  setActivePinia(createPinia())
  Sent.all = []
  clashes = []
  vi.stubGlobal('XMLHttpRequest', Sent)
  vi.stubGlobal('fetch', (url: string) => Promise.resolve(new Response(JSON.stringify(url.includes('clashes') ? { clashes } : { last: null, undo: null, redo: null }))))
})
afterEach(() => vi.unstubAllGlobals())

const file = (name: string) => new File(['words'], name)
const settle = () => new Promise(resolve => setTimeout(resolve, 5))
const query = (request: Sent | undefined) => new URLSearchParams(request?.url.split('?')[1])

describe('the queue', () => {
  it('sends two at a time, in order, and tells how far each is', async () => {
    const uploads = useUploads()
    await uploads.add(['a', 'b', 'c'].map(file), 'f' as FolderId)
    expect(uploads.items.map(item => item.state)).toEqual(['running', 'running', 'waiting'])
    expect(query(Sent.all[0]).get('folder')).toBe('f')
    Sent.all[0]?.upload.onprogress?.({ loaded: 25, total: 100 })
    expect(uploads.items[0]?.share).toBe(0.25)
    Sent.all[0]?.answer(200, {})
    await settle()
    expect(uploads.items.map(item => item.state)).toEqual(['done', 'running', 'running'])
    expect(uploads.open).toHaveLength(2)
  })

  it('keeps one that failed with its reason, and sends it again under the same key', async () => {
    const uploads = useUploads()
    await uploads.add([file('a')], null)
    Sent.all[0]?.answer(413, refusal('upload.large', { name: 'a', limit: '1 MB' }))
    await settle()
    const [item] = uploads.items
    expect([item?.state, item?.reason.includes('larger')]).toEqual(['failed', true])
    if (item) uploads.retry(item)
    await settle()
    expect(query(Sent.all[1]).get('change')).toBe(query(Sent.all[0]).get('change'))
    Sent.all[1]?.answer(200, {})
    await settle()
    expect(uploads.items[0]?.state).toBe('done')
  })

  it('stops what runs and what waits, and clears what is over', async () => {
    const uploads = useUploads()
    await uploads.add(['a', 'b', 'c'].map(file), null)
    const [a, , c] = uploads.items
    if (c) uploads.stop(c)
    if (a) uploads.stop(a)
    await settle()
    expect(uploads.items.map(item => item.state)).toEqual(['stopped', 'running', 'stopped'])
    expect(Sent.running()).toHaveLength(1)
    uploads.clear()
    expect(uploads.items.map(item => item.name)).toEqual(['b'])
  })

  it('asks about taken names before anything is sent, and sends as answered', async () => {
    clashes = [{ name: 'a', documentId: 'old' }]
    const [uploads, dialogs] = [useUploads(), useDialogs()]
    const added = uploads.add([file('a'), file('b'), file('s')], null)
    await settle()
    expect([Sent.all.length, dialogs.clash?.clashes.length]).toEqual([0, 1])
    dialogs.clash?.answer(new Map([['a', 'version'], ['s', 'skip']]))
    await added
    expect(Sent.all.map(request => [query(request).get('name'), query(request).get('clash')])).toEqual([['a', 'version'], ['b', 'both']])
  })

  it('sends nothing when the question is left without an answer', async () => {
    clashes = [{ name: 'a', documentId: 'old' }]
    const [uploads, dialogs] = [useUploads(), useDialogs()]
    const added = uploads.add([file('a')], null)
    await settle()
    dialogs.clash?.answer(null)
    await added
    expect([uploads.items.length, Sent.all.length]).toEqual([0, 0])
  })
})
