import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { v7 } from 'uuid'
import { withTestServer } from '../../scripts/lib/testServer.mjs'
import type { Refused } from '../support/client'
import { newClient } from '../support/client'

// A server with a small upload limit and a database that may be stopped: apart from the one of the other tests.
interface Own {
  address: string
  arrivals: string
  stopDatabase: () => Promise<void>
  startDatabase: () => Promise<void>
}
let own: Own
let finish: () => void = () => {}
let ended: Promise<unknown>

beforeAll(async () => {
  await new Promise<void>((ready, broken) => {
    ended = withTestServer(
      () => {},
      { name: 'outage', env: { HEMBIX_UPLOAD_LIMIT_BYTES: '1000000' } },
      (server: Own) => {
        own = server
        ready()
        return new Promise<void>(done => {
          finish = done
        })
      },
    )
    ended.catch(broken)
  })
})
afterAll(async () => {
  finish()
  await ended
})

describe('a file above the limit', () => {
  it('that is laid into the arrivals folder is laid aside with the reason, once, and nothing is lost', async () => {
    const client = await newClient(own.address)
    const folder = join(own.arrivals, client.email, 'inside')
    mkdirSync(folder, { recursive: true })
    writeFileSync(join(folder, 'large.bin'), Buffer.alloc(1_000_001))
    const aside = join(folder, 'refused')
    for (let tries = 0; tries < 600 && !existsSync(join(aside, 'large.bin.why.txt')); tries++)
      await new Promise(resolve => setTimeout(resolve, 100))
    await new Promise(resolve => setTimeout(resolve, 3000))
    expect(readdirSync(aside)).toEqual(['large.bin', 'large.bin.why.txt'])
    expect(readFileSync(join(aside, 'large.bin.why.txt'), 'utf8')).toContain('larger than the limit of 1.0 MB')
    // A second one of the same name is never written over the first, and both are listed for the person.
    writeFileSync(join(folder, 'large.bin'), Buffer.alloc(1_000_002, 7))
    for (let tries = 0; tries < 600 && !existsSync(join(aside, 'large (2).bin.why.txt')); tries++)
      await new Promise(resolve => setTimeout(resolve, 100))
    expect([readFileSync(join(aside, 'large.bin')).length, readFileSync(join(aside, 'large (2).bin')).length]).toEqual([
      1_000_001, 1_000_002,
    ])
    const laidAside = async () =>
      (
        await client.get<{ laidAside: { id: string; fileName: string; path: string; reason: string }[] }>(
          '/api/account',
        )
      ).body.laidAside
    const listed = await laidAside()
    expect(listed.map(({ fileName, path }) => [fileName, path.split('/').at(-1)])).toEqual([
      ['large.bin', 'large (2).bin'],
      ['large.bin', 'large.bin'],
    ])
    await client.send('DELETE', `/api/account/laid-aside/${listed[0]?.id}`)
    expect((await laidAside()).length).toBe(1)
    expect(existsSync(join(aside, 'large (2).bin'))).toBe(true)
  })

  it('is refused with the limit in words, whether announced or not, and nothing is kept', async () => {
    const client = await newClient(own.address)
    const { status, body } = await client.upload('large.bin', Buffer.alloc(1_000_001))
    expect([status, body.message]).toEqual([413, '“large” is larger than the limit of 1.0 MB.'])
    const query = new URLSearchParams({
      change: v7(),
      document: v7(),
      folder: 'in-tray',
      name: 'stream.bin',
      changed: '2026-01-01T00:00:00.000Z',
    })
    const parts = new ReadableStream<Uint8Array>({
      start(controller) {
        for (let part = 0; part < 12; part++) controller.enqueue(new Uint8Array(100_000))
        controller.close()
      },
    })
    const unannounced = await fetch(`${own.address}/api/uploads?${query.toString()}`, {
      method: 'POST',
      headers: { cookie: client.cookie },
      body: parts,
      duplex: 'half',
    } as RequestInit)
    expect(unannounced.status).toBe(413)
    expect((await client.documentsIn('in-tray')).documents).toEqual([])
  })
})

describe('the database stopped while in use', () => {
  it('is said in one sentence, leaves nothing half done, and is recovered from by itself', async () => {
    const client = await newClient(own.address)
    await client.folder('Before')
    await own.stopDatabase()
    const health = await client.get<Refused>('/api/health')
    expect([health.status, health.body.code]).toEqual([503, 'database.away'])
    const during = await client.try({
      kind: 'folder.create',
      id: v7() as never,
      parentId: null,
      name: 'During',
      allowTwin: false,
    })
    expect([during.status, (during.body as Refused).message]).toEqual([
      503,
      'The database does not answer at the moment. Nothing was lost; Hembix tries again by itself.',
    ])
    await own.startDatabase()
    const until = Date.now() + 20_000
    while ((await client.get('/api/health')).status !== 200 && Date.now() < until)
      await new Promise(resolve => setTimeout(resolve, 100))
    await client.folder('After')
    expect((await client.outline()).folders.map(folder => folder.name).sort()).toEqual(['After', 'Before'])
    // Jobs go on as well.
    const { id } = await client.upload('after.txt', 'read me')
    expect((await client.whenRead(id)).reading.state).toBe('read')
  })
})
