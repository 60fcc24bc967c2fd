// What goes by itself, by the clock, and what never does.

import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import { blobStore } from '../../server/db/blobStore'
import { rows } from '../../server/db/client'
import { dailyMaintenance } from '../../server/jobs/dailyMaintenance'
import type { DocumentId } from '../../core/ids'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const DAY_MS = 86_400_000
const later = (days: number, minutes = 0) => new Date(Date.now() + days * DAY_MS + minutes * 60_000)
const run = (now: Date) =>
  dailyMaintenance(() => {
    /* nobody hears it */
  }, now)
const isThere = async (table: 'blob' | 'upload' | 'document', id: string) =>
  (await rows(null, `SELECT 1 FROM ${table} WHERE id = $1`, [id])).length === 1
const planOf = async (document: string) =>
  (
    await rows<{ id: string; blob: string }>(
      null,
      'SELECT plan_id AS id, blob_id AS blob FROM document WHERE id = $1',
      [document],
    )
  )[0] ?? { id: '', blob: '' }

async function trashed(client: Client, name: string): Promise<DocumentId> {
  const { id } = await client.upload(name, `${name} ${v7()}`)
  await client.act({ kind: 'trash', folderIds: [], documentIds: [id] })
  return id
}

describe('the Trash', () => {
  it('keeps what it keeps for as many days as the plan says, and for ever where it says so', async () => {
    const [client, hoarder] = [await newClient(), await newClient()]
    await client.act({ kind: 'plan.trash', days: 30 })
    await hoarder.act({ kind: 'plan.trash', days: null })
    const [gone, live, hoarded] = [
      await trashed(client, 'gone.txt'),
      (await client.upload('live.txt', 'x')).id,
      await trashed(hoarder, 'hoarded.txt'),
    ]
    await run(later(30, -5))
    expect(await Promise.all([gone, live, hoarded].map(id => isThere('document', id)))).toEqual([true, true, true])
    await run(later(30, 5))
    expect(await Promise.all([gone, live, hoarded].map(id => isThere('document', id)))).toEqual([false, true, true])
    await run(later(4000))
    expect(await Promise.all([live, hoarded].map(id => isThere('document', id)))).toEqual([true, true])
  })

  it('says in History what it deleted, and that is not undone; what was restored in time stays', async () => {
    const client = await newClient()
    await client.act({ kind: 'plan.trash', days: 1 })
    const [gone, back] = [await trashed(client, 'old.txt'), await trashed(client, 'restored.txt')]
    await client.act({ kind: 'restore', folderIds: [], documentIds: [back] })
    await run(later(2))
    const { changes } = (await client.get<{ changes: { id: string; kind: string; label: string }[] }>('/api/changes'))
      .body
    expect([changes[0]?.kind, changes[0]?.label]).toEqual(['purge', expect.stringContaining('Deleted “old” for good')])
    expect((await client.undo(changes[0]?.id)).body.code).toBe('undo.never')
    expect([await isThere('document', gone), await isThere('document', back)]).toEqual([false, true])
  })
})

describe('bytes', () => {
  it('that an act in History could bring back stay, however old; loose ones go after a day', async () => {
    const client = await newClient()
    const { id } = await client.upload('undone.txt', `comes back ${v7()}`)
    const plan = await planOf(id)
    const loose = (
      await blobStore.write(
        plan.id,
        v7(),
        (async function* () {
          yield Buffer.from(`loose ${v7()}`)
        })(),
        1000,
      )
    ).id
    await client.undo()
    await run(later(0, 23 * 60))
    expect([await isThere('blob', plan.blob), await isThere('blob', loose)]).toEqual([true, true])
    await run(later(1000))
    expect([await isThere('blob', plan.blob), await isThere('blob', loose)]).toEqual([true, false])
    expect((await client.redo()).status).toBe(200)
    expect((await client.content(id)).bytes.toString()).toContain('comes back')
  })

  it('of earlier versions stay with their document', async () => {
    const client = await newClient()
    const { id } = await client.upload('notes.txt', `first ${v7()}`)
    const { blob } = await planOf(id)
    await fetch(
      `${client.base}/api/documents/${id}/content?change=${v7()}&name=notes.txt&changed=2026-05-06T07:08:09.000Z`,
      { method: 'POST', headers: { cookie: client.cookie }, body: `second ${v7()}` },
    )
    await run(later(1000))
    expect([await isThere('blob', blob), (await client.content(id, '?version=1')).status]).toEqual([true, 200])
  })

  it('on their way stay while they come, and a day after the last of them', async () => {
    const client = await newClient()
    const begin = async (length: number) =>
      (
        await fetch(`${client.base}/api/uploads/resumable`, {
          method: 'POST',
          headers: {
            cookie: client.cookie,
            'tus-resumable': '1.0.0',
            'upload-length': String(length),
            'upload-metadata': `filename ${Buffer.from('slow.bin').toString('base64')}`,
            'content-type': 'application/offset+octet-stream',
          },
          body: 'abc',
        })
      ).headers
        .get('location')
        ?.split('/')
        .at(-1) ?? ''
    const [half, whole] = [await begin(10), await begin(3)]
    await rows(
      null,
      `UPDATE upload SET created_at = now() - interval '90 days' WHERE id = ANY($1::uuid[]) RETURNING 1`,
      [[half, whole]],
    )
    await run(later(0, 23 * 60))
    expect([await isThere('upload', half), await isThere('upload', whole)]).toEqual([true, true])
    await run(later(1, 5))
    expect([await isThere('upload', half), await isThere('upload', whole)]).toEqual([false, true])
    await run(later(7, 5))
    expect(await isThere('upload', whole)).toBe(false)
  })
})
