import { existsSync, mkdirSync, readdirSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import type { Arrivals } from '../../contract/arrivals'
import type { ListedDocument } from '../../contract/document'
import { newClient } from '../support/client'
import type { Client } from '../support/client'

const ROOT = process.env.HEMBIX_TEST_ARRIVALS ?? ''

async function until<T>(look: () => Promise<T>, isRight: (found: T) => boolean): Promise<T> {
  for (let tries = 0; tries < 600; tries++) {
    const found = await look()
    if (isRight(found)) return found
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  throw new Error('It did not come in time.')
}
const tray = async (client: Client): Promise<ListedDocument[]> => (await client.documentsIn('in-tray')).documents
const mail = (lines: string[]) => lines.join('\r\n')

async function folderOf(): Promise<{ client: Awaited<ReturnType<typeof newClient>>; folder: string }> {
  const client = await newClient()
  const folder = join(ROOT, client.email)
  mkdirSync(folder, { recursive: true })
  return { client, folder }
}

describe('the arrivals folder', () => {
  it('takes a file once, completely, and removes it', async () => {
    const { client, folder } = await folderOf()
    writeFileSync(join(folder, 'survey.txt'), 'Survey of the slipway')
    const [row] = await until(
      () => tray(client),
      rows => rows.length > 0,
    )
    expect(row).toMatchObject({ name: 'survey', origin: 'drop' })
    await until(
      () => Promise.resolve(existsSync(join(folder, 'survey.txt'))),
      is => !is,
    )
    await new Promise(resolve => setTimeout(resolve, 2500))
    expect(await tray(client)).toHaveLength(1)
    expect((await client.content(row?.id ?? '')).bytes.toString()).toBe('Survey of the slipway')
  })

  it('waits while a file is written, and takes what is moved in under a hidden name only then', async () => {
    const { client, folder } = await folderOf()
    const path = join(folder, 'slow.txt')
    for (let part = 0; part < 12; part++) {
      writeFileSync(path, 'x'.repeat(part + 1))
      await new Promise(resolve => setTimeout(resolve, 300))
    }
    writeFileSync(join(folder, '.later.txt'), 'later')
    const [row] = await until(
      () => tray(client),
      rows => rows.length > 0,
    )
    expect(row?.size).toBe(12)
    renameSync(join(folder, '.later.txt'), join(folder, 'later.txt'))
    expect(
      await until(
        () => tray(client),
        rows => rows.length > 1,
      ),
    ).toHaveLength(2)
  })

  it('takes messages with their attachments, which know each other, also a broken one', async () => {
    const { client, folder } = await folderOf()
    writeFileSync(
      join(folder, 'a.eml'),
      mail([
        'From: "Rona Vail" <rona@quay.example>',
        'Subject: =?iso-8859-1?Q?Liegeplatz_f=FCr_Juni?=',
        'Date: Wed, 4 Mar 2026 09:00:00 +0000',
        'MIME-Version: 1.0',
        'Content-Type: multipart/mixed; boundary=b',
        '',
        '--b',
        'Content-Type: text/plain; charset=utf-8',
        '',
        'Anbei der Plan.',
        '--b',
        'Content-Type: text/csv; name="plan.csv"',
        'Content-Disposition: attachment; filename="plan.csv"',
        '',
        'Steg,Platz',
        '--b--',
        '',
      ]),
    )
    const rows = await until(
      () => tray(client),
      found => found.length === 2,
    )
    const message = rows.find(row => row.extension === 'eml')
    expect(message).toMatchObject({
      name: 'Liegeplatz für Juni',
      origin: 'mail',
      sender: 'Rona Vail <rona@quay.example>',
      changedAt: '2026-03-04T09:00:00.000Z',
    })
    expect((await client.document(message?.id ?? '')).together.map(({ name }) => name)).toEqual(['plan'])
    const attachment = rows.find(row => row.extension === 'csv')
    expect((await client.document(attachment?.id ?? '')).together.map(({ id }) => id)).toEqual([message?.id])
    await client.whenRead(message?.id ?? '')
    expect(
      (await client.get<{ documents: { id: string }[] }>('/api/find?q=anbei')).body.documents.map(({ id }) => id),
    ).toEqual([message?.id])
    writeFileSync(join(folder, 'broken.eml'), Buffer.from([0xff, 0xfe, 0x00, 0x42, 0x0d, 0x0a, 0x80]))
    expect(
      await until(
        () => tray(client),
        found => found.length === 3,
      ),
    ).toHaveLength(3)
  })

  it('takes what lies in folders inside, and nothing for nobody', async () => {
    const { client, folder } = await folderOf()
    mkdirSync(join(ROOT, 'nobody@test.example'), { recursive: true })
    writeFileSync(join(ROOT, 'nobody@test.example', 'x.txt'), 'x')
    mkdirSync(join(folder, 'deep'))
    writeFileSync(join(folder, 'deep', 'inner.txt'), 'inner')
    expect(
      await until(
        () => tray(client),
        rows => rows.length === 1,
      ),
    ).toMatchObject([{ name: 'inner' }])
    expect(readdirSync(join(ROOT, 'nobody@test.example'))).toEqual(['x.txt'])
  })
})

describe('simulated ways in', () => {
  it.each([
    ['mailbox', 'mail'],
    ['colleague', 'colleague'],
  ])('the %s brings documents into the In-tray, undone as one', async (device, origin) => {
    const client = await newClient()
    const { status, body } = await client.send<Arrivals>('POST', `/api/arrivals/${device}`, {})
    expect([status, body.changes.length > 0]).toEqual([200, true])
    const rows = await tray(client)
    expect(rows.length).toBeGreaterThan(1)
    expect(rows.every(row => row.origin === origin && row.sender !== '')).toBe(true)
    for (const change of body.changes) expect((await client.undo(change.id)).status).toBe(200)
    expect(await tray(client)).toEqual([])
  })

  it('give each message of the mailbox once, however often it is fetched', async () => {
    const client = await newClient()
    const fetched = async () => (await client.send<Arrivals>('POST', '/api/arrivals/mailbox', {})).body.changes.length
    expect([await fetched(), await fetched(), await fetched(), await fetched()]).toEqual([2, 2, 0, 0])
    const messages = (await tray(client)).filter(({ extension }) => extension === 'eml')
    expect(new Set(messages.map(({ name }) => name)).size).toBe(messages.length)
    expect(messages.length).toBe(4)
  })

  it('are no others', async () => {
    const client = await newClient()
    expect((await client.send('POST', '/api/arrivals/satellite', {})).status).toBe(404)
  })
})
