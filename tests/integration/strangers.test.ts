// What one account does is never felt by another.

import { describe, expect, it } from 'vitest'
import { renderFile } from '../../demo/files'
import { rows } from '../../server/db/client'
import type { FolderId } from '../../core/ids'
import { newClient } from '../support/client'

const pdf = (title: string) =>
  renderFile({
    name: title,
    format: 'pdf',
    title,
    date: new Date('2026-05-06T07:08:09Z'),
    paragraphs: ['Shore power is metered.'],
    table: [],
  })
const plansOf = (id: string) =>
  rows<{ blobs: number; plans: number }>(
    null,
    `SELECT count(*)::int AS blobs, count(DISTINCT b.plan_id)::int AS plans FROM blob b
      WHERE b.sha256 = (SELECT o.sha256 FROM document d JOIN blob o ON o.id = d.blob_id WHERE d.id = $1)`,
    [id],
  )

describe('the same bytes in two accounts', () => {
  it('are read for each by itself: nothing tells that somebody has them', async () => {
    const [one, other] = [await newClient(), await newClient()]
    const bytes = await pdf('The same paper')
    const { id } = await one.upload('paper.pdf', bytes)
    await one.whenRead(id)
    await one.send('PUT', '/api/reading', { recognising: false, languages: null })
    const { id: second } = await other.upload('paper.pdf', bytes)
    const { reading } = await other.document(second)
    expect([reading.pages, reading.state === 'waiting' || reading.state === 'reading']).toEqual([0, true])
    expect((await other.whenRead(second)).reading.state).toBe('read')
    expect(await plansOf(id)).toEqual([{ blobs: 2, plans: 2 }])
  })

  it('under a wrong name in one spoil nothing in the other, nor in the same', async () => {
    const [one, other] = [await newClient(), await newClient()]
    const bytes = await pdf('Spoilt by a name')
    const words = Buffer.from('these are words and no picture')
    const wrong = [await one.upload('paper.txt', bytes), await one.upload('picture.png', words)]
    for (const { id } of wrong) await one.whenRead(id)
    expect((await other.whenRead((await other.upload('paper.pdf', bytes)).id)).reading.state).toBe('read')
    // A PDF is told from its bytes; a text is tried again under its right name.
    expect((await one.document(wrong[0]?.id ?? '')).reading.state).toBe('read')
    const { id } = await one.upload('words.txt', words)
    expect((await one.whenRead(id)).reading.state).toBe('read')
  })

  it('sends the other no event', async () => {
    const [one, other] = [await newClient(), await newClient()]
    const bytes = await pdf('Heard by one')
    await other.whenRead((await other.upload('paper.pdf', bytes)).id)
    const heard: string[] = []
    const stopping = new AbortController()
    const events = await fetch(`${other.base}/api/events`, {
      headers: { cookie: other.cookie },
      signal: stopping.signal,
    })
    const reader = events.body?.getReader()
    const listening = (async () => {
      for (let part = await reader?.read(); part && !part.done; part = await reader?.read())
        heard.push(Buffer.from(part.value).toString())
    })().catch(() => {
      /* it was stopped */
    })
    await one.whenRead((await one.upload('paper.pdf', bytes)).id)
    await new Promise(resolve => setTimeout(resolve, 500))
    stopping.abort()
    await listening
    expect(heard.join('')).not.toContain('reading')
  })
})

describe('an id of somebody else', () => {
  it('as that of a folder takes nothing from them: both can have their star', async () => {
    const [owner, stranger] = [await newClient(), await newClient()]
    const { id } = await owner.upload('mine.txt', 'x')
    await stranger.act({
      kind: 'folder.create',
      id: id as string as FolderId,
      parentId: null,
      name: 'Guess',
      allowTwin: false,
    })
    await stranger.act({ kind: 'star', folderIds: [id as string as FolderId], documentIds: [], on: true })
    await owner.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
    await stranger.act({ kind: 'star', folderIds: [id as string as FolderId], documentIds: [], on: false })
    expect((await owner.document(id)).starred).toBe(true)
  })
})

describe('GET /api/metrics', () => {
  it('gives figures to whoever has the token, and is not there for anybody else', async () => {
    const client = await newClient()
    const ask = (authorization?: string) =>
      fetch(`${client.base}/api/metrics`, { headers: authorization ? { authorization } : {} })
    expect([(await ask()).status, (await ask('Bearer guessed')).status]).toEqual([404, 404])
    const reply = await ask('Bearer a token of tests')
    const text = await reply.text()
    expect(reply.headers.get('content-type')).toContain('text/plain')
    expect(text).toMatch(/^hembix_database_up 1$/m)
    expect(text).toMatch(/^hembix_request_seconds_count\{method="POST",route="\/api\/accounts",status="200"\} \d+$/m)
    expect(text).toMatch(/^hembix_readers_done\{pool="reading"\} \d+$/m)
  })
})
