// A plan with one of everything that a route can name, each called by a word that stands nowhere else.

import { createCanvas } from '@napi-rs/canvas'
import { v7 } from 'uuid'
import type { AccountFacts } from '../../contract/account'
import type { ScannedPage } from '../../contract/scan'
import type { Client } from './client'
import { newClient } from './client'

/** Stands in the name of everything the owner has, and must never reach anybody else. */
export const SECRET = 'Xylographer'

export type Thing =
  | 'folder'
  | 'document'
  | 'draft'
  | 'skeleton'
  | 'bundle'
  | 'tag'
  | 'search'
  | 'meaning'
  | 'order'
  | 'change'
  | 'link'
  | 'group'
  | 'grant'
  | 'lock'
  | 'handover'
  | 'scan'
  | 'upload'
  | 'session'

export interface Owner {
  readonly client: Client
  readonly ids: Readonly<Record<Thing, string>>
}

export async function ownerOfEverything(): Promise<Owner> {
  const client = await newClient()
  const folder = await client.folder(`${SECRET} folder`)
  const { id: document } = await client.upload(`${SECRET} notes.txt`, `${SECRET} words`, folder)
  await client.whenRead(document)
  const made = Object.fromEntries(
    [
      ...(['draft', 'skeleton', 'bundle', 'tag', 'search', 'meaning', 'order', 'change', 'link'] as const),
      ...(['group', 'grant', 'handover'] as const),
    ].map(kind => [kind, v7()]),
  ) as Record<Thing, string>
  const done = async (method: string, path: string, body: unknown) => {
    const { status } = await client.send(method, path, body)
    if (status >= 300) throw new Error(`${method} ${path} was answered ${status}`)
  }
  await done('PUT', `/api/skeletons/${made.skeleton}`, { name: `${SECRET} skeleton`, outline: 'A\n  B' })
  await done('PUT', `/api/drafts/${made.draft}`, {
    name: `${SECRET} draft`,
    rootId: null,
    content: { text: `${SECRET} line`, folderIds: [null], base: [] },
  })
  await client.act(
    {
      kind: 'bundle.set',
      id: made.bundle as never,
      name: `${SECRET} bundle`,
      note: '',
      done: false,
      documentIds: [document],
    },
    made.change,
  )
  await client.act({
    kind: 'tag.put',
    folderIds: [folder],
    documentIds: [document],
    tags: [{ id: made.tag as never, name: `${SECRET} tag` }],
  })
  await client.act({
    kind: 'search.keep',
    id: made.search as never,
    name: `${SECRET} search`,
    query: { q: SECRET },
    folderId: null,
    pinned: false,
    desk: true,
  })
  await client.act({
    kind: 'link.make',
    id: made.link as never,
    target: 'folder',
    targetId: folder,
    secret: 'the-owner-s-own-secret',
    until: null,
    note: `${SECRET} link`,
  })
  await giveAway(client, made, folder)
  await client.act({
    kind: 'meaning.set',
    id: made.meaning as never,
    name: `${SECRET} meaning`,
    ink: '#123456',
    closed: false,
  })
  await client.act({
    kind: 'order.set',
    id: made.order as never,
    name: `${SECRET} order`,
    active: true,
    when: { origins: [], types: [], sender: SECRET, words: '', rule: null },
    then: { folderId: folder, pattern: null, tags: [], star: false },
  })
  return { client, ids: { ...made, folder, document, lock: await lockOf(client), ...(await othersOf(client)) } }
}

/** A folder that is locked, beside the others. */
async function lockOf(client: Client): Promise<string> {
  const folderId = await client.folder(`${SECRET} locked folder`)
  await client.send('POST', '/api/locks', {
    id: v7(),
    folderId,
    documentIds: [],
    passphrase: 'seven quiet lamps at sea',
  })
  const { body } = await client.get<{ locks: { id: string }[] }>('/api/locks')
  return body.locks[0]?.id ?? ''
}

/** A group of another person, and what is given to it. */
async function giveAway(client: Client, made: Record<Thing, string>, folder: string): Promise<void> {
  const other = await newClient()
  const { body: person } = await client.get<{ id: string }>(`/api/people?email=${other.email}`)
  await client.act({
    ...{ kind: 'group.set', id: made.group as never, name: `${SECRET} group` },
    ...{ add: [person.id as never], remove: [] },
  })
  await client.act({
    ...{ kind: 'grant.give', role: 'edit', until: null, note: `${SECRET} note` },
    grants: [{ id: made.grant as never, who: 'group', whoId: made.group, target: 'folder', targetId: folder }],
  })
  await client.send('POST', '/api/handovers', {
    ...{ id: made.handover, target: 'folder', targetId: folder, personId: person.id, role: null },
    note: `${SECRET} handover`,
  })
}

/** What has no id that a client chooses. */
async function othersOf(client: Client): Promise<Pick<Record<Thing, string>, 'scan' | 'upload' | 'session'>> {
  const scanned = await fetch(`${client.base}/api/scans/picture`, {
    method: 'POST',
    headers: { cookie: client.cookie, 'content-type': 'application/octet-stream' },
    body: new Uint8Array(createCanvas(80, 60).toBuffer('image/png')),
  })
  const { pages } = (await scanned.json()) as { pages: ScannedPage[] }
  const begun = await fetch(`${client.base}/api/uploads/resumable`, {
    method: 'POST',
    headers: {
      cookie: client.cookie,
      'tus-resumable': '1.0.0',
      'upload-length': '5',
      'upload-metadata': `name ${Buffer.from(`${SECRET}.txt`).toString('base64')}`,
    },
  })
  const { body: account } = await client.get<AccountFacts>('/api/account')
  return {
    scan: pages[0]?.id ?? '',
    upload: begun.headers.get('location')?.split('/').at(-1) ?? '',
    session: account.sessions[0]?.id ?? '',
  }
}
