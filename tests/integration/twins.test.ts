// Two accounts that chose the very same ids: each has its own things under them, and neither can tell of the other.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { ClientCommand } from '../../contract/command'
import type { BundleId, DocumentId, FolderId, MeaningId, OrderId, SearchId, TagId } from '../../core/ids'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

const one = {
  top: v7() as FolderId,
  below: v7() as FolderId,
  other: v7() as FolderId,
  meaning: v7() as MeaningId,
  tag: v7() as TagId,
  search: v7() as SearchId,
  bundle: v7() as BundleId,
  order: v7() as OrderId,
  paper: v7() as DocumentId,
  second: v7() as DocumentId,
  arrival: v7() as DocumentId,
  copy: v7() as DocumentId,
  draft: v7(),
  skeleton: v7(),
}
const changes = Array.from({ length: 20 }, () => v7())
const WHEN = { origins: [], types: [], sender: '', words: '' }

/** Builds the plan of `whose`; every id is one of those above. */
async function build(client: Client, whose: string): Promise<void> {
  const ids = [...changes]
  const act = (command: ClientCommand) => client.act(command, ids.shift())
  await act({ kind: 'meaning.set', id: one.meaning, name: `${whose} colour`, ink: '#2f5d8a', closed: false })
  await act({ kind: 'folder.create', id: one.top, parentId: null, name: `${whose} leases`, allowTwin: false })
  await act({ kind: 'folder.create', id: one.below, parentId: one.top, name: `${whose} berths`, allowTwin: false })
  await act({ kind: 'folder.create', id: one.other, parentId: null, name: `${whose} notes`, allowTwin: false })
  await act({ kind: 'folder.colour', id: one.top, meaningId: one.meaning, below: false })
  for (const [id, name, folderId] of [
    [one.paper, 'paper', one.below],
    [one.second, 'second', one.below],
    [one.arrival, 'arrival', null],
  ] as const) {
    const { status } = await client.upload(`${whose} ${name}.txt`, `The words of ${whose} in the ${name}`, folderId, {
      id,
    })
    expect(status).toBe(200)
  }
  await act({
    kind: 'tag.put',
    tags: [{ id: one.tag, name: `${whose} tag` }],
    folderIds: [one.below],
    documentIds: [one.paper],
  })
  await act({ kind: 'star', folderIds: [one.top], documentIds: [one.paper], on: true })
  await act({
    kind: 'search.keep',
    id: one.search,
    name: `${whose} search`,
    query: { q: whose },
    folderId: one.top,
    pinned: true,
    desk: true,
  })
  await act({
    kind: 'bundle.set',
    id: one.bundle,
    name: `${whose} bundle`,
    note: '',
    done: false,
    documentIds: [one.paper, one.second],
  })
  await act({
    kind: 'order.set',
    id: one.order,
    name: `${whose} order`,
    active: false,
    when: { ...WHEN, words: whose },
    then: { folderId: one.other, pattern: null, tags: [], star: false },
  })
  await act({ kind: 'document.copy', copies: [{ id: one.paper, newId: one.copy }], folderId: one.other })
  for (const path of [`/api/drafts/${one.draft}`, `/api/skeletons/${one.skeleton}`]) {
    const { status } = await client.send(
      'PUT',
      path,
      path.includes('draft')
        ? { name: `${whose} draft`, rootId: one.top, content: { text: whose, folderIds: [null], base: [] } }
        : { name: `${whose} skeleton`, outline: whose },
    )
    expect(status).toBe(200)
  }
  await client.send('POST', `/api/documents/${one.paper}/visits`)
  for (const id of [one.paper, one.second, one.arrival]) await client.whenRead(id)
}

const VIEWS = [
  '/api/plan',
  '/api/plan/facts',
  `/api/documents?folder=${one.top}`,
  `/api/documents?folder=${one.below}`,
  `/api/documents?folder=${one.other}`,
  '/api/documents?folder=in-tray',
  `/api/documents/ids?folder=${one.below}`,
  `/api/documents/${one.paper}`,
  `/api/documents/${one.second}`,
  `/api/documents/${one.copy}`,
  `/api/documents/${one.paper}/text`,
  `/api/documents/${one.arrival}/suggestions`,
  `/api/documents/${one.paper}/tag-suggestions`,
  '/api/changes',
  `/api/changes?thing=${one.paper}`,
  `/api/changes?folder=${one.top}`,
  '/api/changes/last',
  '/api/drafts',
  `/api/drafts/${one.draft}`,
  '/api/skeletons',
  '/api/orders',
  '/api/trash',
  `/api/trash/${one.top}`,
  '/api/find?q=words',
  '/api/find?q=words&sort=opened',
  '/api/find?q=words&group=tag',
  '/api/find?q=words&sort=place&group=place',
  `/api/find?tags=${one.tag}`,
  `/api/find?folder=${one.top}`,
  `/api/find/counts?q=words`,
  '/api/find/ids?q=words',
  '/api/find/kept',
  '/api/find/names?q=pap',
  '/api/find/names?q=words+pap',
  '/api/documents/lately',
  '/api/bundles',
  `/api/bundles/${one.bundle}`,
]

/** All that an account sees; without how long it took. */
/** Folders come in no order; codes and places order them. */
function byId(value: unknown): unknown {
  const idOf = (one: unknown) => String((one as { id?: unknown }).id)
  return Array.isArray(value) ? [...value].sort((a, b) => idOf(a).localeCompare(idOf(b))) : value
}

async function seenBy(client: Client): Promise<Record<string, unknown>> {
  const seen: Record<string, unknown> = {}
  for (const path of VIEWS) {
    const { status, body } = await client.get<object>(path)
    seen[path] = {
      status,
      body: JSON.parse(
        JSON.stringify(body, (key, value: unknown) => {
          if (key === 'took' || key === 'ms' || key === 'planId') return undefined
          return key === 'folders' ? byId(value) : value
        }),
      ) as unknown,
    }
  }
  return seen
}

describe('two accounts with the same ids', () => {
  let ours: Client
  let theirs: Client
  beforeAll(async () => {
    ;[ours, theirs] = [await newClient(), await newClient()]
    await build(ours, 'alder')
    await build(theirs, 'birch')
  })

  it('are given the same statuses, and each sees its own things only', async () => {
    const [mine, yours] = [await seenBy(ours), await seenBy(theirs)]
    const statuses = (seen: Record<string, unknown>) =>
      Object.entries(seen).map(([path, reply]) => [path, (reply as { status: number }).status])
    expect(statuses(mine)).toEqual(statuses(yours))
    expect(statuses(mine).filter(([path, status]) => status !== 200 && path !== `/api/trash/${one.top}`)).toEqual([])
    expect(JSON.stringify(mine)).not.toContain('birch')
    expect(JSON.stringify(yours)).not.toContain('alder')
    expect(JSON.stringify(mine).match(/alder/g)?.length).toBe(JSON.stringify(yours).match(/birch/g)?.length)
  })

  it('do not notice what the other does', async () => {
    const before = await seenBy(ours)
    const them = theirs
    await them.act({ kind: 'folder.rename', id: one.top, name: 'birch renamed', allowTwin: false })
    await them.act({ kind: 'document.rename', id: one.paper, name: 'birch renamed' })
    await them.act({ kind: 'tag.set', id: one.tag, name: 'birch renamed', meaningId: null, hidden: true })
    await them.act({ kind: 'folder.names', id: one.below, pattern: '{date} {name}' })
    await them.act({
      kind: 'move',
      folderIds: [one.below],
      documentIds: [],
      toFolderId: one.other,
      fromFolderId: null,
      allowTwin: false,
    })
    await them.act({
      kind: 'document.file',
      documents: [{ id: one.arrival, name: null }],
      folderIds: [one.other],
      tags: [],
    })
    await them.undo()
    await them.act({
      kind: 'folder.duplicate',
      id: one.other,
      newId: v7() as FolderId,
      parentId: null,
      withDocuments: true,
    })
    await them.act({ kind: 'star', folderIds: [one.top], documentIds: [one.paper], on: false })
    await them.act({ kind: 'bundle.drop', id: one.bundle })
    await them.act({ kind: 'search.drop', id: one.search })
    await them.act({ kind: 'order.drop', id: one.order })
    await them.act({ kind: 'meaning.drop', id: one.meaning, replaceBy: null })
    await them.act({ kind: 'trash', folderIds: [one.top, one.other], documentIds: [one.arrival] })
    expect(
      (await them.send('POST', '/api/trash/purge', { id: v7(), ids: [one.top, one.other, one.arrival] })).status,
    ).toBe(200)
    for (const path of [`/api/drafts/${one.draft}`, `/api/skeletons/${one.skeleton}`])
      expect((await them.send('DELETE', path)).status).toBe(200)
    expect(await seenBy(ours)).toEqual(before)
    expect((await ours.content(one.paper)).bytes.toString()).toBe('The words of alder in the paper')
    expect((await them.get(`/api/documents/${one.arrival}`)).status).toBe(404)
  })
})

describe('an id that one has oneself', () => {
  it('is not given to a second thing', async () => {
    const client = await newClient()
    const folder = await client.folder('Leases')
    const { id } = await client.upload('paper.txt', 'words', folder)
    const codeOf = async (command: ClientCommand) => ((await client.try(command)).body as Refused).code
    expect(await codeOf({ kind: 'folder.create', id: folder, parentId: null, name: 'Again', allowTwin: false })).toBe(
      'id.taken',
    )
    expect(
      await codeOf({
        kind: 'folder.create',
        id: id as string as FolderId,
        parentId: null,
        name: 'A paper',
        allowTwin: false,
      }),
    ).toBe('id.taken')
    const {
      body: { plan },
    } = await client.get<{ plan: { id: string } }>('/api/plan')
    expect(
      await codeOf({
        kind: 'folder.create',
        id: plan.id as FolderId,
        parentId: null,
        name: 'The plan',
        allowTwin: false,
      }),
    ).toBe('id.taken')
    const { status, body } = await client.upload('again.txt', 'others', folder, { id })
    expect([status, body.code]).toEqual([409, 'id.taken'])
    expect((await client.content(id)).bytes.toString()).toBe('words')
  })
})
