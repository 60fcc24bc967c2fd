// The outline by difference is the outline as it is, whatever was done; large replies travel packed.

import { beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { OutlineReply } from '../../contract/plan'
import type { FolderId, TagId } from '../../core/ids'
import { seeded } from '../../demo/random'
import { mergedOutline } from '../../contract/mergedOutline'
import { generatePlan } from '../bench/generate'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeAll(async () => {
  client = await newClient()
})

const whole = async () => (await client.get<OutlineReply>('/api/plan')).body
const since = async (revision: number) => (await client.get<OutlineReply>(`/api/plan?since=${revision}`)).body
const sorted = (outline: OutlineReply) => ({
  ...outline,
  folders: [...outline.folders].sort((a, b) => a.id.localeCompare(b.id)),
  starred: [...outline.starred].sort(),
  counts: Object.fromEntries(Object.entries(outline.counts).sort()),
})

describe('the outline by difference', () => {
  it('is the whole one after every kind of act, also after several at once', async () => {
    const random = seeded(5)
    let known = await whole()
    const folders = () => known.folders.map(({ id }) => id)
    const documents: string[] = []
    const acts: (() => Promise<unknown>)[] = [
      () =>
        client.try({
          kind: 'folder.create',
          id: v7() as FolderId,
          parentId: folders().length > 3 ? random.pick(folders()) : null,
          name: `Folder ${v7()}`,
          allowTwin: false,
        }),
      async () => documents.push((await client.upload(`${v7()}.bin`, 'x', random.pick(folders()))).id),
      () => client.try({ kind: 'folder.rename', id: random.pick(folders()), name: `Renamed ${v7()}` }),
      () =>
        client.try({
          kind: 'trash',
          folderIds: random.next() < 0.4 ? [random.pick(folders())] : [],
          documentIds: documents.splice(0, 1) as never,
        }),
      () => client.try({ kind: 'star', folderIds: [random.pick(folders())], documentIds: [], on: true }),
      () =>
        client.try({
          kind: 'tag.put',
          folderIds: [random.pick(folders())],
          documentIds: [],
          tags: [{ id: v7() as TagId, name: `tag ${random.int(1, 3)}` }],
        }),
      () => client.send('POST', '/api/changes/undo', { id: v7(), changeId: null }),
    ]
    for (const name of ['One', 'Two', 'Three']) await client.folder(name)
    known = await whole()
    let told = 0
    for (let round = 0; round < 60; round++) {
      for (let act = random.int(1, 3); act > 0; act--) await random.pick(acts)()
      const reply = await since(known.plan.revision)
      if (reply.since !== null) told++
      const [merged, now] = [mergedOutline(known, reply), await whole()]
      if (!merged) throw new Error('It tells from another revision.')
      expect([round, sorted(merged)]).toEqual([round, sorted(now)])
      known = merged
      if (known.folders.length < 3) await client.folder(`More ${round}`)
    }
    expect(told).toBe(60)
  })

  it('is all of it for a revision of which nothing is known', async () => {
    const { plan } = await whole()
    expect((await since(plan.revision + 5)).since).toBe(null)
  })

  it('sends little where little changed, and packs what is large', async () => {
    const { id: planId } = (await whole()).plan
    await generatePlan(planId, 2000, 0)
    const known = await whole()
    await client.folder('One more')
    const address = `${client.base}/api/plan`
    const headers = { cookie: client.cookie }
    const all = await fetch(address, { headers: { ...headers, 'accept-encoding': 'gzip' } })
    expect([all.headers.get('content-encoding'), all.headers.get('vary')]).toEqual(['gzip', 'accept-encoding'])
    const plain = await fetch(address, { headers: { ...headers, 'accept-encoding': 'identity' } })
    expect(plain.headers.get('content-encoding')).toBe(null)
    expect(await all.json()).toEqual(await plain.json())
    const little = await fetch(`${address}?since=${known.plan.revision}`, { headers })
    const text = await little.text()
    const reply = JSON.parse(text) as OutlineReply
    expect([reply.since, reply.folders.map(({ name }) => name)]).toEqual([known.plan.revision, ['One more']])
    expect(reply.counts).toEqual({})
  })
})
