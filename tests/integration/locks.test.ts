// Contents under a lock: sealed where they lie, shown to nobody, opened by the passphrase for one session alone.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { Found } from '../../contract/find'
import type { Lock, LockPreview } from '../../contract/lock'
import type { DocumentId, FolderId, GrantId } from '../../core/ids'
import { rows, withTransaction } from '../../server/db/client'
import { dropEmptyLocks } from '../../server/db/sql/locks'
import { holdReading } from '../../server/db/sql/reading'
import { keepTextWords } from '../../server/db/sql/textWords'
import type { Refused } from '../support/client'
import { Client, newClient, PASSWORD } from '../support/client'
import { Person } from '../support/people'

const PASSPHRASE = 'seven quiet lamps at sea'
// Stands in what is locked, and nowhere else.
const WORD = 'quillwort'
let owner: Client & { email: string }

const lock = (what: { folderId?: string; documentIds?: readonly string[] }, id = v7(), passphrase = PASSPHRASE) =>
  owner.send<Refused & { label: string }>('POST', '/api/locks', { id, ...what, passphrase })
const locks = async (client: Pick<Client, 'get'> = owner) =>
  (await client.get<{ locks: Lock[] }>('/api/locks')).body.locks
const newest = async () => (await locks())[0]?.id ?? ''
const open = (client: Pick<Client, 'send'>, id: string, passphrase = PASSPHRASE) =>
  client.send<Refused & { locks: Lock[] }>('POST', `/api/locks/${id}/open`, { passphrase })
const off = (id: string, passphrase = PASSPHRASE) =>
  owner.send<Refused>('POST', `/api/locks/${id}/off`, { id: v7(), passphrase })
const found = async (q: string) =>
  (await owner.get<Found>(`/api/find?q=${encodeURIComponent(q)}`)).body.documents.map(({ name }) => name)

async function readDocument(name: string, text: string, folder: FolderId | null = null): Promise<DocumentId> {
  const { id } = await owner.upload(name, text, folder)
  await owner.whenRead(id)
  return id
}

async function writeVersion(id: string, text: string): Promise<void> {
  const query = `change=${v7()}&name=a.txt&changed=2026-03-05T05:06:07Z`
  const reply = await fetch(`${owner.base}/api/documents/${id}/content?${query}`, {
    ...{ method: 'POST', body: text },
    headers: { cookie: owner.cookie, 'content-type': 'application/octet-stream' },
  })
  if (!reply.ok) throw new Error(await reply.text())
}

/** Every table in which the word stands in clear, in bytes or in letters. */
async function tablesHolding(word: string): Promise<string[]> {
  const tables = await rows<{ name: string }>(
    null,
    `SELECT table_name AS name FROM information_schema.tables
      WHERE table_schema = 'public' AND table_type = 'BASE TABLE' ORDER BY 1`,
  )
  const holding: string[] = []
  for (const { name } of tables) {
    const hex = Buffer.from(word).toString('hex')
    const [hit] = await rows(null, `SELECT FROM ${name} t WHERE t::text ILIKE $1 OR t::text LIKE $2 LIMIT 1`, [
      `%${word}%`,
      `%${hex}%`,
    ])
    if (hit) holding.push(name)
  }
  return holding
}

/** Statements of the server that wait for another. */
async function waiting(): Promise<number> {
  const [found] = await rows<{ count: number }>(
    null,
    `SELECT count(*)::int AS count FROM pg_stat_activity WHERE wait_event_type = 'Lock' AND state = 'active'`,
  )
  return found?.count ?? 0
}

beforeAll(async () => {
  owner = await newClient()
})

describe('a locked document', () => {
  it('keeps its name and place, and nothing of its contents in clear anywhere', async () => {
    const folder = await owner.folder('Staff matters')
    const id = await readDocument('Pay of the season.txt', `The ${WORD} is paid on Friday.`, folder)
    await owner.act({ kind: 'document.remark', id, remark: 'by hand' })
    expect(await found(WORD)).toEqual(['Pay of the season'])
    expect(await tablesHolding(WORD)).toContain('page_text')
    expect((await lock({ documentIds: [id] })).body.label).toBe('Locked “Pay of the season”')
    expect(await tablesHolding(WORD)).toEqual([])
    expect(await found(WORD)).toEqual([])
    expect(await found('season')).toEqual(['Pay of the season'])
    const { documents } = await owner.documentsIn(folder)
    expect(documents.map(({ name, reading }) => [name, reading])).toEqual([['Pay of the season', 'locked']])
  })

  it('gives its bytes, text, pages, pictures and copies to nobody until it is opened', async () => {
    const id = await readDocument('Notice.txt', 'Sanna leaves in May.')
    await lock({ documentIds: [id] })
    const { status, bytes } = await owner.content(id)
    expect([status, bytes.toString()]).toEqual([403, expect.stringContaining('lock.closed')])
    expect((await owner.get<{ pages: unknown[] }>(`/api/documents/${id}/text?from=1`)).body.pages).toEqual([])
    expect((await owner.get<{ pages: unknown[] }>(`/api/documents/${id}/hits?q=Sanna`)).body.pages).toEqual([])
    expect((await owner.get(`/api/documents/${id}/thumbnail`)).status).toBe(404)
    expect((await owner.send<Refused>('POST', `/api/documents/${id}/reading`, {})).body.code).toBe('lock.closed')
    const other = await new Person('Cora').open(owner)
    const { body } = await owner.send<Refused>('POST', `/api/documents/${id}/copies`, {
      ...{ change: v7(), to: [{ who: 'person', whoId: other.id }] },
    })
    expect(body.code).toBe('lock.closed')
    expect((await owner.document(id)).reading).toMatchObject({ state: 'locked', pages: 0, title: '' })
  })

  it('is opened for one session alone, with the words that were read of it, and closed by one act', async () => {
    const id = await readDocument('Diary.txt', 'Low water at four, the ladder is mended.')
    await lock({ documentIds: [id] })
    const other = new Client()
    await other.send('POST', '/api/session', { email: owner.email, password: PASSWORD })
    const { body } = await open(owner, await newest())
    const until = Date.parse(body.locks[0]?.openUntil ?? '')
    expect(until - Date.now()).toBeGreaterThan(14 * 60_000)
    const { status, bytes, headers } = await owner.content(id)
    expect([status, bytes.toString()]).toEqual([200, 'Low water at four, the ladder is mended.'])
    expect(headers.get('cache-control')).toBe('no-store')
    expect((await owner.content(id, '', { range: 'bytes=4-8' })).bytes.toString()).toBe('water')
    const { body: text } = await owner.get<{ pages: { body: string }[] }>(`/api/documents/${id}/text?from=1`)
    expect(text.pages[0]?.body).toContain('ladder')
    const { body: hits } = await owner.get<{ pages: unknown[] }>(`/api/documents/${id}/hits?q=ladder`)
    expect(hits.pages).toHaveLength(1)
    expect((await owner.document(id)).reading.state).toBe('read')
    expect((await other.content(id)).status).toBe(403)
    expect((await locks(other))[0]?.openUntil).toBeNull()
    await owner.send('DELETE', '/api/locks/open')
    expect((await owner.content(id)).status).toBe(403)
  })

  it('is unlocked for good with its bytes and words as they were', async () => {
    const bytes = Buffer.alloc(2_500_000, 'tide table ')
    const { id } = await owner.upload('Large.txt', bytes)
    await owner.whenRead(id)
    await lock({ documentIds: [id] })
    expect((await off(await newest(), 'not this one')).body.code).toBe('lock.wrong')
    expect((await off(await newest())).status).toBe(200)
    expect((await owner.content(id)).bytes.equals(bytes)).toBe(true)
    await owner.whenRead(id)
    expect(await found('tide table')).toContain('Large')
    const { documents } = (
      await owner.send<{ documents: { id: string }[] }>('POST', '/api/uploads/known', {
        ...{ sizes: [], hashes: [(await owner.content(id)).headers.get('etag')?.replaceAll('"', '')] },
      })
    ).body
    expect(documents.map(document => document.id)).toEqual([id])
  })

  it('waits for a reader that keeps words it shares, and the reader for nothing', async () => {
    const id = await readDocument('Timetable.txt', 'the ferry at noon')
    const other = await readDocument('Ferry.txt', 'the ferry again')
    const [held] = await rows<{ blob: string; plan: string }>(
      null,
      'SELECT blob_id AS blob, plan_id AS plan FROM document WHERE id = $1',
      [other],
    )
    const { blob = '', plan = '' } = held ?? {}
    const locked = await withTransaction(async transaction => {
      expect(await holdReading(transaction, blob)).toBe(true)
      await keepTextWords(transaction, blob, ['ferry'])
      const reply = lock({ documentIds: [id] })
      await expect.poll(waiting).toBeGreaterThan(0)
      await rows(transaction, 'SELECT FROM plan WHERE id = $1 FOR NO KEY UPDATE', [plan])
      return { reply }
    })
    expect((await locked.reply).status).toBe(200)
  })

  it('is locked in all its versions and together with what holds the very same contents', async () => {
    const id = await readDocument('Plan of the pier.txt', 'first thoughts of the pier')
    await writeVersion(id, 'second thoughts of the pier')
    const twin = await readDocument('Pier, a copy.txt', 'first thoughts of the pier')
    const { body } = await owner.send<LockPreview>('POST', '/api/locks/preview', { documentIds: [id] })
    expect(body).toEqual({ count: 2, others: [{ name: 'Pier, a copy', extension: 'txt' }] })
    await lock({ documentIds: [id] })
    expect((await owner.content(id, '?version=1')).status).toBe(403)
    expect((await owner.content(twin)).status).toBe(403)
    expect((await lock({ documentIds: [id] })).body.code).toBe('lock.nothing')
    // A version that is written while it is locked is sealed as well.
    await writeVersion(id, `third thoughts, ${WORD}`)
    expect((await owner.content(id)).status).toBe(403)
    expect(await tablesHolding(WORD)).toEqual([])
  })
})

describe('a locked folder', () => {
  it('seals what lies in it and below, and what comes into it, by whatever act', async () => {
    const folder = await owner.folder('Board')
    const below = await owner.folder('Minutes', folder)
    const first = await readDocument('Minutes of May.txt', 'the board met in May', below)
    const moved = await readDocument('Letter.txt', 'a letter to the board')
    expect((await lock({ folderId: folder })).body.label).toBe('Locked “Board”')
    await owner.act({
      ...{ kind: 'move', folderIds: [], documentIds: [moved], toFolderId: below, fromFolderId: null },
    } as never)
    const { id: uploaded } = await owner.upload('Late.txt', `it came late, ${WORD}`, below)
    for (const id of [first, moved, uploaded]) expect((await owner.content(id)).status).toBe(403)
    expect(await tablesHolding(WORD)).toEqual([])
    expect((await locks()).find(({ folderId }) => folderId === folder)?.count).toBe(3)
    await open(owner, await newest())
    expect((await owner.content(uploaded)).bytes.toString()).toBe(`it came late, ${WORD}`)
    // It was never read before: that is done now, and the words stay sealed.
    expect((await owner.whenRead(uploaded)).reading).toMatchObject({ state: 'read', pages: 1 })
    const { body } = await owner.get<{ pages: { body: string }[] }>(`/api/documents/${uploaded}/text?from=1`)
    expect(body.pages[0]?.body).toContain(WORD)
    expect(await tablesHolding(WORD)).toEqual([])
    await owner.send('DELETE', '/api/locks/open')
    expect((await owner.document(uploaded)).reading).toMatchObject({ state: 'locked', pages: 0 })
  })

  it('goes for good without its passphrase, and its lock with it', async () => {
    const folder = await owner.folder('Old board')
    await owner.upload('Old.txt', 'long ago', folder)
    await lock({ folderId: folder })
    const id = await newest()
    await owner.act({ kind: 'trash', folderIds: [folder], documentIds: [] })
    await owner.send('POST', '/api/trash/purge', { id: v7(), ids: [folder], all: false })
    expect(await dropEmptyLocks()).toBeGreaterThan(0)
    expect((await locks()).map(one => one.id)).not.toContain(id)
    expect((await locks()).length).toBeGreaterThan(0)
  })

  it('is left out of a ZIP, which says so, and refuses one of itself alone', async () => {
    const top = await owner.folder('Year')
    const inner = await owner.folder('Closed', top)
    await owner.upload('Open.txt', 'for everyone', top)
    await owner.upload('Secret.txt', 'for nobody', inner)
    await lock({ folderId: inner })
    const zip = await fetch(`${owner.base}/api/documents/archive?folders=${top}`, { headers: { cookie: owner.cookie } })
    const bytes = Buffer.from(await zip.arrayBuffer())
    expect(bytes.includes('Left out, since it is locked.txt')).toBe(true)
    expect(bytes.includes('Secret.txt')).toBe(false)
    expect((await owner.get<Refused>(`/api/documents/archive?folders=${inner}`)).body.code).toBe('lock.closed')
  })
})

describe('a lock', () => {
  it('is no act that Undo takes back, neither by itself nor with what came after it', async () => {
    const id = await readDocument('Ledger.txt', 'sums')
    const star = await owner.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
    const change = v7()
    await lock({ documentIds: [id] }, change)
    expect((await lock({ documentIds: [id] }, change)).body.label).toBe('Locked “Ledger”')
    expect((await owner.send<Refused>('POST', '/api/changes/undo', { id: v7(), changeId: change })).body.code).toBe(
      'undo.lock',
    )
    const since = await owner.send('POST', '/api/changes/undo-since', { id: v7(), changeId: star.id })
    expect(since.status).toBe(200)
    expect((await owner.content(id)).status).toBe(403)
  })

  it('asks for a passphrase that is hard to guess, and does not let it be tried for ever', async () => {
    const id = await readDocument('Register.txt', 'names')
    expect((await lock({ documentIds: [id] }, v7(), 'password')).body.code).toBe('password.weak')
    expect((await lock({ documentIds: [v7()] })).body.code).toBe('notFound')
    await lock({ documentIds: [id] })
    const codes = new Set<string>()
    for (let tries = 0; tries < 22; tries++) codes.add((await open(owner, await newest(), `guess ${tries}`)).body.code)
    expect([...codes]).toEqual(['lock.wrong', 'lock.throttled'])
  })

  it('keeps its contents from whom the document was given to, and from who works in the plan', async () => {
    const giver = owner
    owner = await newClient()
    const [reader, editor] = [new Person('Rea'), new Person('Edo')]
    for (const person of [reader, editor]) await person.open(owner)
    const folder = await owner.folder('Shared')
    const planId = (await owner.outline()).plan.id
    const id = await readDocument('Terms.txt', 'the terms', folder)
    const grants = [
      { id: v7() as GrantId, target: 'folder', targetId: folder, who: 'person', whoId: reader.id } as const,
    ]
    await owner.act({ kind: 'grant.give', grants, role: 'read' })
    await lock({ documentIds: [id] })
    await open(owner, await newest())
    const [{ id: key } = { id: '' }] = await reader.received()
    const shown = await reader.send<Refused>('GET', `/api/shared/${key}/documents/${id}/content`, undefined)
    expect([shown.status, shown.body.code]).toEqual([403, 'lock.closed'])
    const inPlan = [{ id: v7() as GrantId, target: 'plan', targetId: planId, who: 'person', whoId: editor.id } as const]
    await owner.act({ kind: 'grant.give', grants: inPlan, role: 'edit' })
    expect((await editor.send('PUT', '/api/session/plan', { planId })).status).toBe(200)
    expect((await editor.content(id)).status).toBe(403)
    expect((await open(editor, await newest())).status).toBe(403)
    expect((await owner.content(id)).status).toBe(200)
    owner = giver
  })
})
