// Every route of the contract has its handler, and gives nothing of one person's plan to anybody else.

import { readdirSync, readFileSync } from 'node:fs'
import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import { ROUTES } from '../../contract/routes/index'
import type { GrantId } from '../../core/ids'
import { COMMANDS } from '../../core/plan/commands/index'
import { rows } from '../../server/db/client'
import { Client, newClient } from '../support/client'
import { commandsNaming } from '../support/fuzz'
import type { Owner, Thing } from '../support/ownersThings'
import { ownerOfEverything, SECRET } from '../support/ownersThings'
import { Person } from '../support/people'

describe('a handler', () => {
  it('stands where its route in the contract says, and no route is without one', () => {
    const files = readdirSync('server/api', { recursive: true, encoding: 'utf8' })
    const wired = files
      .filter(file => /\.(get|post|put|delete)\.ts$/.test(file))
      .map(file => {
        const [, name, method = ''] = /^(.*)\.(get|post|put|delete)\.ts$/.exec(file) ?? []
        const path = `/api/${name ?? ''}`.replace(/\/index$/, '').replace(/\[(\w+)\]/g, '{$1}')
        const [, entry = ''] = /route\(\s*\w+Routes\.(\w+)/.exec(readFileSync(`server/api/${file}`, 'utf8')) ?? []
        return { key: `${method.toUpperCase()} ${path}`, entry }
      })
    const byPath = ROUTES.map(({ method, path }) => `${method} ${path}`).filter(key => !key.includes('/resumable'))
    expect(wired.map(({ key }) => key).sort()).toEqual(byPath.sort())
    expect(wired.filter(({ entry }) => entry === '')).toEqual([])
  })
})

interface Asked {
  /** The id of the owner that stands in the path. */
  readonly thing?: Thing
  /** What else the path holds. */
  readonly path?: string
  readonly body?: (ids: Owner['ids']) => unknown
  readonly headers?: Readonly<Record<string, string>>
  /** The status for somebody else, and for nobody where that is not 401. */
  readonly stranger: number
  readonly nobody?: number
}

const TUS = { 'tus-resumable': '1.0.0' }
const PART = { ...TUS, 'upload-offset': '0', 'content-type': 'application/offset+octet-stream' }
const upload = (ids: Owner['ids'], document: string) =>
  `?change=${v7()}&document=${document}&folder=${ids.folder}&name=a.txt&changed=2026-03-04T05:06:07Z&clash=both`

/** What somebody else is answered who names the owner's things in every place that takes an id. */
const EXPECTED: Readonly<Record<string, Asked>> = {
  'GET /api/session': { stranger: 200, nobody: 200 },
  'POST /api/session': { stranger: 401, nobody: 401, body: () => ({ email: 'a@b.example', password: 'wrong' }) },
  'POST /api/session/demo': { stranger: 404, nobody: 404, body: () => ({}) },
  'DELETE /api/session': { stranger: 200, nobody: 200 },
  'POST /api/accounts': { stranger: 400, nobody: 400, body: () => ({}) },
  'GET /api/account': { stranger: 200 },
  'PUT /api/account/email': { stranger: 401, body: () => ({ email: 'other@test.example', password: 'wrong' }) },
  'POST /api/account/deletion': { stranger: 401, body: () => ({ planName: 'My plan', password: 'wrong' }) },
  'PUT /api/account/password': { stranger: 401, body: () => ({ current: 'wrong', next: 'a long new password' }) },
  'DELETE /api/account/sessions': { stranger: 200 },
  'DELETE /api/account/sessions/{id}': { stranger: 404, thing: 'session' },
  'DELETE /api/account/laid-aside/{id}': { stranger: 200, thing: 'document' },
  'GET /api/plan': { stranger: 200 },
  'GET /api/plan/facts': { stranger: 200 },
  'GET /api/plan/meeting': { stranger: 404, path: '?from={folder}&into={folder}' },
  'GET /api/documents': { stranger: 200, path: '?folder={folder}' },
  'GET /api/documents/archive': { stranger: 404, path: '?folders={folder}' },
  'GET /api/documents/ids': { stranger: 200, path: '?folder={folder}' },
  'GET /api/documents/lately': { stranger: 200 },
  'GET /api/documents/{id}': { stranger: 404, thing: 'document' },
  'GET /api/documents/{id}/content': { stranger: 404, thing: 'document' },
  'POST /api/documents/{id}/content': {
    stranger: 404,
    thing: 'document',
    path: `?change=${v7()}&name=a.txt&changed=2026-03-04T05:06:07Z`,
    body: () => ({}),
  },
  'GET /api/documents/{id}/thumbnail': { stranger: 404, thing: 'document' },
  'GET /api/documents/{id}/pages/{page}': { stranger: 404, thing: 'document' },
  'GET /api/documents/{id}/pdf': { stranger: 404, thing: 'document' },
  'POST /api/thumbnails': { stranger: 200, body: ids => ({ ids: [ids.document] }) },
  'GET /api/documents/{id}/text': { stranger: 404, thing: 'document' },
  'POST /api/documents/{id}/reading': { stranger: 404, thing: 'document', body: () => ({}) },
  'POST /api/documents/{id}/contents': { stranger: 404, thing: 'document', body: () => ({ change: v7() }) },
  'GET /api/documents/{id}/suggestions': { stranger: 404, thing: 'document', path: '?folder={folder}' },
  'GET /api/documents/{id}/tag-suggestions': { stranger: 404, thing: 'document', path: '?folder={folder}' },
  'GET /api/documents/{id}/hits': { stranger: 404, thing: 'document', path: `?q=${SECRET}` },
  'GET /api/documents/{id}/words': { stranger: 404, thing: 'document' },
  'POST /api/documents/{id}/copies': {
    stranger: 404,
    thing: 'document',
    body: ids => ({ change: v7(), to: [{ who: 'group', whoId: ids.group }] }),
  },
  'POST /api/mail/copies': {
    stranger: 404,
    body: ids => ({ change: v7(), documentIds: [ids.document], to: ['a@b.example'] }),
  },
  'POST /api/documents/{id}/visits': { stranger: 404, thing: 'document', body: () => ({}) },
  'POST /api/uploads': { stranger: 404, path: '{upload}', body: () => ({}) },
  'GET /api/uploads': { stranger: 200 },
  'POST /api/uploads/resumable': {
    stranger: 201,
    headers: { ...TUS, 'upload-length': '1', 'upload-metadata': 'name eA==' },
  },
  'PATCH /api/uploads/resumable/{id}': { stranger: 404, thing: 'upload', headers: PART },
  'DELETE /api/uploads/resumable/{id}': { stranger: 404, thing: 'upload', headers: TUS },
  'POST /api/uploads/land': {
    stranger: 404,
    body: ids => ({
      change: v7(),
      folder: ids.folder,
      folders: [],
      files: [{ uploadId: ids.upload, documentId: v7() }],
      origin: 'upload',
    }),
  },
  'POST /api/uploads/known': { stranger: 200, body: () => ({ sizes: [`${SECRET} words`.length], hashes: [] }) },
  'POST /api/uploads/clashes': { stranger: 200, body: ids => ({ folder: ids.folder, names: [`${SECRET} notes.txt`] }) },
  'POST /api/share': { stranger: 400, body: () => ({}) },
  'POST /api/changes': {
    stranger: 404,
    body: ids => ({ id: v7(), command: { kind: 'trash', folderIds: [ids.folder], documentIds: [ids.document] } }),
  },
  'GET /api/changes': { stranger: 404, path: '?folder={folder}' },
  'GET /api/changes/last': { stranger: 200 },
  'POST /api/changes/undo': { stranger: 404, body: ids => ({ id: v7(), changeId: ids.change }) },
  'POST /api/changes/undo-since': { stranger: 404, body: ids => ({ id: v7(), changeId: ids.change }) },
  'POST /api/changes/redo': { stranger: 409, body: () => ({ id: v7() }) },
  'POST /api/changes/{id}/stop': { stranger: 404, thing: 'change', body: () => ({}) },
  'GET /api/reading': { stranger: 200 },
  'PUT /api/reading': { stranger: 200, body: () => ({ recognising: true, languages: null }) },
  'GET /api/scans': { stranger: 200 },
  'POST /api/scans': { stranger: 200, body: () => ({}) },
  'POST /api/scans/picture': { stranger: 422, body: () => ({}) },
  'POST /api/scans/document': {
    stranger: 404,
    body: ids => ({ change: v7(), document: v7(), name: 'Mine', pages: [ids.scan] }),
  },
  'PUT /api/scans/{id}': {
    stranger: 404,
    thing: 'scan',
    body: () => ({ edits: { quarters: 1, degrees: 0, crop: { left: 0, top: 0, right: 0, bottom: 0 }, tone: 'grey' } }),
  },
  'DELETE /api/scans/{id}': { stranger: 404, thing: 'scan' },
  'GET /api/scans/{id}/picture': { stranger: 404, thing: 'scan' },
  'POST /api/scans/{id}/read': { stranger: 404, thing: 'scan', body: () => ({}) },
  'GET /api/drafts': { stranger: 200 },
  'GET /api/drafts/{id}': { stranger: 404, thing: 'draft' },
  'DELETE /api/drafts/{id}': { stranger: 404, thing: 'draft' },
  'PUT /api/drafts/{id}': {
    stranger: 200,
    thing: 'draft',
    body: () => ({ name: 'Mine', rootId: null, content: { text: 'A', folderIds: [null], base: [] } }),
  },
  'GET /api/skeletons': { stranger: 200 },
  'DELETE /api/skeletons/{id}': { stranger: 404, thing: 'skeleton' },
  'PUT /api/skeletons/{id}': { stranger: 200, thing: 'skeleton', body: () => ({ name: 'Mine', outline: 'A' }) },
  'GET /api/trash': { stranger: 200 },
  'GET /api/trash/{id}': { stranger: 404, thing: 'folder' },
  'POST /api/trash/purge': { stranger: 404, body: ids => ({ id: v7(), ids: [ids.folder, ids.document], all: false }) },
  'POST /api/arrivals/{device}': { stranger: 404, thing: 'folder', body: () => ({}) },
  'GET /api/orders': { stranger: 200 },
  'POST /api/orders/try': {
    stranger: 200,
    body: ids => ({
      when: { origins: [], types: [], sender: SECRET, words: '' },
      then: { folderId: ids.folder, pattern: null, tags: [], star: false },
    }),
  },
  'GET /api/find': { stranger: 200, path: `?q=${SECRET}&places={folder}` },
  'GET /api/find/counts': { stranger: 200, path: `?q=${SECRET}` },
  'GET /api/find/ids': { stranger: 200, path: `?q=${SECRET}` },
  'POST /api/find/loosen': { stranger: 200, body: () => ({ query: { q: `${SECRET} nowhere` } }) },
  'POST /api/find/weigh': { stranger: 200, body: () => ({ query: { q: SECRET } }) },
  'GET /api/find/kept': { stranger: 200 },
  'GET /api/find/recent': { stranger: 200 },
  'PUT /api/find/recent': { stranger: 204, body: () => ({ text: 'rope', query: { q: 'rope' } }) },
  'DELETE /api/find/recent': { stranger: 204 },
  'GET /api/find/names': { stranger: 200, path: `?q=${SECRET}` },
  'GET /api/bundles': { stranger: 200 },
  'GET /api/bundles/{id}': { stranger: 404, thing: 'bundle' },
  'GET /api/bundles/{id}/archive': { stranger: 404, thing: 'bundle' },
  'GET /api/shared/{key}': { stranger: 404 },
  'GET /api/shared/{key}/documents': { stranger: 404, path: '?folder={folder}' },
  'GET /api/shared/{key}/find': { stranger: 404, path: `?q=${SECRET}` },
  'GET /api/shared/{key}/archive': { stranger: 404 },
  'GET /api/shared/{key}/documents/{id}': { stranger: 404, thing: 'document' },
  'GET /api/shared/{key}/documents/{id}/content': { stranger: 404, thing: 'document' },
  'GET /api/shared/{key}/documents/{id}/text': { stranger: 404, thing: 'document' },
  'GET /api/shared/{key}/documents/{id}/words': { stranger: 404, thing: 'document' },
  'GET /api/shared/{key}/documents/{id}/pages/{page}': { stranger: 404, thing: 'document' },
  'GET /api/shared/{key}/documents/{id}/pdf': { stranger: 404, thing: 'document' },
  'POST /api/shared/{key}/unlock': { stranger: 404, nobody: 404, body: () => ({ passphrase: 'x' }) },
  'GET /api/shared/{key}/events': { stranger: 404 },
  'POST /api/shared/{key}/documents': { stranger: 404, path: '{upload}', body: () => ({}) },
  'POST /api/shared/{key}/copies': {
    stranger: 404,
    body: ids => ({ change: v7(), folder: ids.folder, documents: [{ id: ids.document, copyId: v7() }] }),
  },
  'POST /api/shared/{key}/changes': {
    stranger: 404,
    body: ids => ({ id: v7(), command: { kind: 'trash', folderIds: [ids.folder], documentIds: [ids.document] } }),
  },
  'POST /api/shared/{key}/changes/undo': { stranger: 404, body: ids => ({ id: v7(), changeId: ids.change }) },
  'POST /api/shared/{key}/documents/{id}/copy': {
    stranger: 404,
    thing: 'document',
    body: () => ({ change: v7(), document: v7(), folder: null }),
  },
  'GET /api/hand-ins/{id}': { stranger: 200, thing: 'folder' },
  'PUT /api/session/plan': { stranger: 404, body: ids => ({ planId: ids.folder }) },
  'POST /api/access-requests': { stranger: 200, body: ids => ({ wanted: ids.folder, note: '' }) },
  'GET /api/access-requests': { stranger: 200 },
  'GET /api/access-requests/{id}': { stranger: 200, thing: 'folder' },
  'POST /api/access-requests/{id}/answer': {
    stranger: 404,
    thing: 'document',
    body: () => ({ role: 'read', change: v7(), grant: v7() }),
  },
  'GET /api/received': { stranger: 200 },
  'POST /api/received/{key}/seen': { stranger: 404, body: () => ({}) },
  'GET /api/people': { stranger: 404, path: '?email=nobody@test.example' },
  'PUT /api/account/mail': { stranger: 200, body: () => ({ news: true }) },
  'PUT /api/received/muted': { stranger: 200, body: () => ({ giverId: v7(), on: false }) },
  'PUT /api/account/name': { stranger: 200, body: () => ({ name: 'Another' }) },
  'GET /api/locks': { stranger: 200 },
  'POST /api/locks': {
    stranger: 404,
    body: ids => ({ id: v7(), folderId: ids.folder, passphrase: 'seven quiet lamps at sea' }),
  },
  'POST /api/locks/preview': { stranger: 200, body: ids => ({ documentIds: [ids.document] }) },
  'DELETE /api/locks/open': { stranger: 200 },
  'POST /api/locks/{id}/open': { stranger: 404, thing: 'lock', body: () => ({ passphrase: 'x' }) },
  'POST /api/locks/{id}/off': { stranger: 404, thing: 'lock', body: () => ({ id: v7(), passphrase: 'x' }) },
  'PUT /api/events/place': { stranger: 200, body: ids => ({ window: v7(), folderId: ids.folder }) },
  'GET /api/handovers': { stranger: 200 },
  'POST /api/handovers': {
    stranger: 404,
    body: ids => ({ id: v7(), target: 'folder', targetId: ids.folder, personId: v7(), role: null, note: '' }),
  },
  'DELETE /api/handovers/{id}': { stranger: 404, thing: 'handover' },
  'POST /api/handovers/{id}/take-over': {
    stranger: 404,
    thing: 'handover',
    body: () => ({ change: v7(), folderId: null }),
  },
  'POST /api/handovers/{id}/decline': { stranger: 404, thing: 'handover', body: () => ({}) },
  'GET /api/health': { stranger: 200, nobody: 200 },
  'GET /api/metrics': { stranger: 404, nobody: 404 },
  'GET /api/openapi.json': { stranger: 200, nobody: 200 },
  'GET /api/opensearch.xml': { stranger: 200, nobody: 200 },
  'GET /api/events': { stranger: 200 },
}

let owner: Owner
let stranger: Client

beforeAll(async () => {
  owner = await ownerOfEverything()
  stranger = await newClient()
})

// Written by work that goes on by itself, or left with the owner by a stranger.
const BY_ITSELF = ['access_request', 'thumbnail', 'opening', 'reading', 'order_look']

/** Everything that the owner has, as it lies in the database. */
async function ownedRows(): Promise<string> {
  const [plan] = await rows<{ id: string }>(null, 'SELECT plan_id AS id FROM folder WHERE id = $1', [owner.ids.folder])
  const tables = await rows<{ name: string }>(
    null,
    `SELECT c.table_name AS name FROM information_schema.columns c JOIN information_schema.tables t USING (table_name)
      WHERE c.column_name = 'plan_id' AND c.table_schema = 'public' AND t.table_type = 'BASE TABLE'
        AND NOT c.table_name = ANY($1) ORDER BY 1`,
    [BY_ITSELF],
  )
  const all = await Promise.all(
    tables.map(({ name }) =>
      rows(
        null,
        `SELECT '${name}' AS table_name, to_jsonb(t) AS row FROM ${name} t WHERE plan_id = $1 ORDER BY t::text`,
        [plan?.id],
      ),
    ),
  )
  return JSON.stringify(all)
}

const giveTo = (person: Person, target: 'folder' | 'plan', targetId: string, role: 'read' | 'add' | 'edit') =>
  owner.client.act({
    ...{ kind: 'grant.give', role },
    grants: [{ id: v7() as GrantId, target, targetId, who: 'person', whoId: person.id }],
  })

/** Commands that are never made by chance as they have to be. */
const sound = (kind: string): object[] =>
  [
    { kind: 'search.keep', id: v7(), name: 'x', query: { q: 'x' }, folderId: null, pinned: false, desk: false },
    { kind: 'link.make', id: v7(), target: 'folder', targetId: owner.ids.folder, secret: 'A'.repeat(22) },
  ].filter(command => command.kind === kind)

async function answerTo(client: Client, key: string, asked: Asked): Promise<{ status: number; text: string }> {
  const [method = '', path = ''] = key.split(' ')
  const fill = (text: string) =>
    text
      .replace('{upload}', upload(owner.ids, v7()))
      .replace(/\{(folder|document)\}/g, (_, kind: Thing) => owner.ids[kind])
  const stopping = new AbortController()
  const response = await fetch(
    client.base +
      path
        .replace(/\{(id|device)\}/, owner.ids[asked.thing ?? 'document'])
        .replace('{key}', owner.ids.grant)
        .replace('{page}', '1') +
      fill(asked.path ?? ''),
    {
      method,
      redirect: 'manual',
      signal: stopping.signal,
      headers: {
        cookie: client.cookie,
        ...(asked.body ? { 'content-type': 'application/json' } : {}),
        ...asked.headers,
      },
      body: asked.body ? JSON.stringify(asked.body(owner.ids)) : undefined,
    },
  )
  if (!key.includes('/events')) return { status: response.status, text: await response.text() }
  stopping.abort()
  return { status: response.status, text: '' }
}

describe('with the ids of somebody else', () => {
  it('every route is in the table, and the owner has one of everything', () => {
    expect(Object.values(owner.ids)).not.toContain('')
    expect(Object.keys(EXPECTED).sort()).toEqual(ROUTES.map(({ method, path }) => `${method} ${path}`).sort())
  })

  it('nobody is answered, the stranger learns nothing, and nothing of the owner changes', async () => {
    const before = await ownedRows()
    expect(before).toContain(SECRET)
    const answers: Record<string, string> = {}
    const leaks: string[] = []
    for (const [key, asked] of Object.entries(EXPECTED)) {
      const told = await answerTo(stranger, key, asked)
      if (key === 'DELETE /api/session') stranger = await newClient()
      const nobody = await answerTo(new Client(), key, asked)
      answers[key] = `${told.status} ${nobody.status}`
      // What was typed may be said again, but no name of what the owner has.
      if (
        new RegExp(`${SECRET} (folder|notes|draft|skeleton|bundle|tag|search|meaning|order)`).test(
          told.text + nobody.text,
        )
      )
        leaks.push(key)
    }
    expect(answers).toEqual(
      Object.fromEntries(
        Object.entries(EXPECTED).map(([key, { stranger, nobody = 401 }]) => [key, `${stranger} ${nobody}`]),
      ),
    )
    expect(leaks).toEqual([])
    expect(await ownedRows()).toBe(before)
  })

  it.each(['read', 'add', 'edit'] as const)(
    'whoever may %s another folder is answered as the stranger is, everywhere',
    async role => {
      const person = await new Person(`may ${role}`).open(owner.client)
      await giveTo(person, 'folder', await owner.client.folder(`Elsewhere ${role}`), role)
      const before = await ownedRows()
      const answers: Record<string, number> = {}
      const signsOut = (key: string) => key === 'DELETE /api/session'
      const all = Object.entries(EXPECTED)
      for (const [key, asked] of [...all.filter(([key]) => !signsOut(key)), ...all.filter(([key]) => signsOut(key))])
        answers[key] = (await answerTo(person, key, asked)).status
      expect(answers).toEqual(
        Object.fromEntries(Object.entries(EXPECTED).map(([key, { stranger }]) => [key, stranger])),
      )
      expect(await ownedRows()).toBe(before)
    },
  )

  it('whoever works in the plan does nothing there that is its owner’s alone, by any route or command', async () => {
    const guest = await new Person('a guest').open(owner.client)
    const { plan } = await owner.client.outline()
    await giveTo(guest, 'plan', plan.id, 'edit')
    expect((await guest.send('PUT', '/api/session/plan', { planId: plan.id })).status).toBe(200)
    const before = await ownedRows()
    const answers: Record<string, string> = {}
    const owners = ROUTES.filter(({ ownersOnly }) => ownersOnly).map(({ method, path }) => `${method} ${path}`)
    for (const key of owners) {
      const asked = EXPECTED[key]
      if (asked) answers[key] = (await answerTo(guest, key, asked)).text.slice(0, 40)
    }
    for (const { kind, shape, owners: why } of COMMANDS) {
      if (why === null || shape === null) continue
      // The first that makes sense: the others are not looked at any further.
      for (const command of [...commandsNaming(kind, Object.values(owner.ids), 12, 20_261_201), ...sound(kind)]) {
        const { body } = await guest.send<{ code: string }>('POST', '/api/changes', { id: v7(), command })
        answers[kind] = `{"code":"${body.code}"`
        if (body.code !== 'request.invalid') break
      }
    }
    expect(owners.length).toBeGreaterThan(3)
    const allowed = Object.entries(answers).filter(([, text]) => !/"code":"right\.(missing|personal)"/.test(text))
    expect(allowed).toEqual([])
    expect(await ownedRows()).toBe(before)
  })

  it.each(COMMANDS.flatMap(({ kind, shape }) => (shape ? [kind] : [])))(
    'the command %s changes nothing of the owner, whichever field names it',
    async kind => {
      const before = await ownedRows()
      const statuses = new Set<number>()
      for (const command of commandsNaming(kind, Object.values(owner.ids), 12, 20_261_128)) {
        const { status, body } = await stranger.send('POST', '/api/changes', { id: v7(), command })
        statuses.add(status)
        expect(JSON.stringify(body)).not.toMatch(new RegExp(`${SECRET} (folder|notes|bundle|tag|search|meaning|order)`))
      }
      expect([...statuses].filter(status => status >= 500)).toEqual([])
      expect(await ownedRows()).toBe(before)
    },
  )
})
