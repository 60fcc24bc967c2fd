// The upload queue against a stand-in of the resumable client.

import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FolderId } from '../../core/ids'
import { refusal } from '../../core/errors'
import { useDialogs } from './dialogs'
import { useUploads } from './uploads'

interface Options {
  metadata: Record<string, string>
  onProgress: (sent: number, all: number) => void
  onSuccess: () => void
  onError: (error: Error) => void
}

const sent = vi.hoisted(() => ({ all: [] as { url: string; options: Options; stopped: boolean }[] }))
vi.mock('tus-js-client', () => ({
  Upload: class {
    url: string
    stopped = false
    constructor(
      readonly file: File,
      readonly options: Options,
    ) {
      this.url = `/api/uploads/resumable/u-${file.name}`
    }
    findPreviousUploads() {
      return Promise.resolve([])
    }
    start() {
      sent.all.push(this)
    }
    abort() {
      this.stopped = true
      return Promise.resolve()
    }
  },
}))

let clashes: object[] = []
let commits: { change: string; files: { uploadId: string; clash: string }[] }[] = []
let commitStatus = 200
beforeEach(() => {
  setActivePinia(createPinia())
  sent.all = []
  clashes = []
  commits = []
  commitStatus = 200
  vi.stubGlobal('window', { isSecureContext: false })
  vi.stubGlobal('navigator', {})
  vi.stubGlobal('fetch', (url: string, request: { body?: string }) => {
    if (url.endsWith('/land')) commits.push(JSON.parse(request.body ?? '{}') as never)
    if (url.endsWith('/land') && commitStatus !== 200)
      return Promise.resolve(
        new Response(JSON.stringify(refusal('folder.inTrash', { name: 'Leases' })), { status: commitStatus }),
      )
    return Promise.resolve(
      new Response(
        JSON.stringify(
          url.includes('clashes')
            ? { clashes }
            : url.includes('known')
              ? { sizes: [], documents: [] }
              : { last: null, undo: null, redo: null },
        ),
      ),
    )
  })
})
afterEach(() => vi.unstubAllGlobals())

const file = (name: string) => new File(['words'], name)
const settle = () => new Promise(resolve => setTimeout(resolve, 5))
const F = 'f' as FolderId

describe('the queue', () => {
  it('sends two at a time, in order, tells how far each is, and makes documents of all at once', async () => {
    const uploads = useUploads()
    await uploads.add(['a', 'b', 'c'].map(file), F)
    await settle()
    expect(uploads.items.map(item => item.state)).toEqual(['running', 'running', 'waiting'])
    expect(sent.all[0]?.options.metadata.folder).toBe('f')
    sent.all[0]?.options.onProgress(25, 100)
    expect(uploads.items[0]?.share).toBe(0.25)
    sent.all[0]?.options.onSuccess()
    await settle()
    expect(uploads.items.map(item => item.state)).toEqual(['here', 'running', 'running'])
    expect(commits).toEqual([])
    sent.all[1]?.options.onSuccess()
    sent.all[2]?.options.onSuccess()
    await settle()
    expect(uploads.items.map(item => item.state)).toEqual(['done', 'done', 'done'])
    expect(commits.map(commit => commit.files.map(({ uploadId }) => uploadId))).toEqual([['u-a', 'u-b', 'u-c']])
  })

  it('keeps one that failed with its reason, lands the others, and sends it again', async () => {
    const uploads = useUploads()
    await uploads.add([file('a'), file('b')], null)
    await settle()
    sent.all[0]?.options.onError(
      Object.assign(new Error('no'), {
        originalResponse: {
          getStatus: () => 413,
          getBody: () => JSON.stringify(refusal('upload.large', { name: 'a', limit: '1 MB' })),
        },
      }),
    )
    sent.all[1]?.options.onSuccess()
    await settle()
    const [item] = uploads.items
    expect([item?.state, item?.reason.includes('larger'), uploads.items[1]?.state]).toEqual(['failed', true, 'done'])
    if (item) uploads.retry(item)
    await settle()
    sent.all[2]?.options.onSuccess()
    await settle()
    expect([uploads.items[0]?.state, commits.length]).toEqual(['done', 2])
  })

  it(
    'keeps what has arrived when it cannot be taken in, and takes it in under the same key without sending ' +
      'it again',
    async () => {
      commitStatus = 409
      const uploads = useUploads()
      await uploads.add([file('a')], F)
      await settle()
      sent.all[0]?.options.onSuccess()
      await settle()
      const [item] = uploads.items
      expect([item?.state, item?.reason]).toEqual(['failed', refusal('folder.inTrash', { name: 'Leases' }).message])
      commitStatus = 200
      if (item) uploads.retry(item)
      await settle()
      expect([item?.state, sent.all.length, commits[1]?.change === commits[0]?.change]).toEqual(['done', 1, true])
    },
  )

  it('stops what runs and what waits, and clears what is over', async () => {
    const uploads = useUploads()
    await uploads.add(['a', 'b', 'c'].map(file), null)
    await settle()
    const [a, , c] = uploads.items
    if (c) uploads.stop(c)
    if (a) uploads.stop(a)
    await settle()
    expect(uploads.items.map(item => item.state)).toEqual(['stopped', 'running', 'stopped'])
    expect(sent.all.map(one => one.stopped)).toEqual([true, false])
    uploads.clear()
    expect(uploads.items.map(item => item.name)).toEqual(['b'])
  })

  it('takes nothing in when all is stopped, also not what has arrived', async () => {
    const uploads = useUploads()
    await uploads.add(['a', 'b', 'c'].map(file), null)
    await settle()
    sent.all[0]?.options.onSuccess()
    await settle()
    uploads.stopAll()
    await settle()
    expect([uploads.items.map(item => item.state), commits]).toEqual([['stopped', 'stopped', 'stopped'], []])
  })

  it('asks about taken names before anything is sent, and sends as answered', async () => {
    clashes = [
      { fileName: 'a', twin: 'a', documentId: 'old' },
      { fileName: 's', twin: 's', documentId: 'other' },
    ]
    const [uploads, dialogs] = [useUploads(), useDialogs()]
    const added = uploads.add([file('a'), file('b'), file('s')], F)
    await settle()
    expect([sent.all.length, dialogs.questions?.request.parts[0]?.rows.map(row => row.name)]).toEqual([0, ['a', 's']])
    dialogs.questions?.answer(
      new Map([
        ['0', 'version'],
        ['2', 'skip'],
      ]),
    )
    await added
    await settle()
    for (const one of sent.all) one.options.onSuccess()
    await settle()
    expect(commits[0]?.files.map(({ uploadId, clash }) => [uploadId, clash])).toEqual([
      ['u-a', 'version'],
      ['u-b', 'both'],
    ])
  })

  it('sends nothing when the question is left without an answer', async () => {
    clashes = [{ fileName: 'a', twin: 'a', documentId: 'old' }]
    const [uploads, dialogs] = [useUploads(), useDialogs()]
    const added = uploads.add([file('a')], F)
    await settle()
    dialogs.questions?.answer(null)
    await added
    expect([uploads.items.length, sent.all.length]).toEqual([0, 0])
  })
})
