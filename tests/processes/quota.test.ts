// What one account may store, on a server with little room, and what its account page says.

import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { v7 } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { AccountFacts } from '../../contract/account'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { serve } from '../../scripts/lib/serve.mjs'
import { newClient } from '../support/client'

const [LIMIT_BYTES, OPEN_UPLOADS] = [10_000, 2]
const backups = mkdtempSync(join(tmpdir(), 'hembix-backups-'))
let server: { address: string; stop: () => Promise<void> }

beforeAll(async () => {
  const env = {
    HEMBIX_QUOTA_BYTES: String(LIMIT_BYTES),
    HEMBIX_OPEN_UPLOADS: String(OPEN_UPLOADS),
    HEMBIX_BACKUP_DIR: backups,
    HEMBIX_ACCOUNTS_AN_HOUR: '1000000',
  }
  server = (await serve({
    port: (await freePort()) as number,
    databaseUrl: process.env.DATABASE_URL ?? '',
    env,
    quiet: true,
  })) as typeof server
})
afterAll(async () => {
  await server.stop()
  rmSync(backups, { recursive: true, force: true })
})

const begin = (client: Awaited<ReturnType<typeof newClient>>, size: number) =>
  client.send<{ code?: string }>('POST', '/api/uploads/resumable', undefined, {
    'tus-resumable': '1.0.0',
    'upload-length': String(size),
    'upload-metadata': 'name eA==',
  })

describe('an account', () => {
  it('that is full takes no more in, by any way, keeps what it has, and says so', async () => {
    const client = await newClient(server.address)
    const { id } = await client.upload('fits.txt', 'x'.repeat(8000))
    const { status, body } = await client.upload('too much.txt', 'y'.repeat(4000))
    expect([status, body.code, body.message]).toEqual([507, 'quota.full', expect.stringContaining('Empty the Trash')])
    expect((await begin(client, 4000)).status).toBe(507)
    expect((await client.content(id)).bytes.length).toBe(8000)
    expect((await client.documentsIn('in-tray')).documents.map(({ name }) => name)).toEqual(['fits'])
    const { quota } = (await client.get<AccountFacts>('/api/account')).body
    expect(quota).toMatchObject({ usedBytes: 8000, limitBytes: LIMIT_BYTES })
    // Room comes with what is deleted for good.
    await client.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    expect((await client.send('POST', '/api/trash/purge', { id: v7(), ids: [id] })).status).toBe(200)
    expect((await client.upload('now it fits.txt', 'y'.repeat(4000))).status).toBe(200)
  })

  it('that has many uploads on their way begins no more, until one is forgotten', async () => {
    const client = await newClient(server.address)
    const begun = [await begin(client, 100), await begin(client, 100), await begin(client, 100)]
    expect(begun.map(({ status }) => status)).toEqual([201, 201, 429])
    const location = begun[0]?.headers.get('location') ?? ''
    expect(
      (await client.send('DELETE', new URL(location, server.address).pathname, undefined, { 'tus-resumable': '1.0.0' }))
        .status,
    ).toBeLessThan(300)
    expect((await begin(client, 100)).status).toBe(201)
  })

  it('reads when all was backed up last, or that it was not', async () => {
    const client = await newClient(server.address)
    const backedUpAt = async () => (await client.get<AccountFacts>('/api/account')).body.backedUpAt
    expect(await backedUpAt()).toBeNull()
    writeFileSync(join(backups, 'last-backup.json'), JSON.stringify({ at: '2026-11-27T02:00:00.000Z' }))
    expect(await backedUpAt()).toBe('2026-11-27T02:00:00.000Z')
  })
})
