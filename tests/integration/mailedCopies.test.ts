// Copies that leave by mail: to each address one message with the documents as they are, and nothing that is locked.

import { readFile } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import PostalMime from 'postal-mime'
import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { AccountFacts } from '../../contract/account'
import type { Mailed } from '../../contract/mail'
import type { DocumentId } from '../../core/ids'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

let owner: Client & { readonly email: string }
let lease: DocumentId
let plan: DocumentId

beforeAll(async () => {
  owner = await newClient()
  await owner.send('PUT', '/api/account/name', { name: 'Ida Fenn' })
  lease = (await owner.upload('Lease.txt', 'one year')).id
  plan = (await owner.upload('Harbour plan.csv', 'berth,length\n7,12')).id
})

const send = (documentIds: readonly string[], to: readonly string[], more: object = {}, by: Client = owner) =>
  by.send<Mailed & Refused>('POST', '/api/mail/copies', { change: v7(), documentIds, to, ...more })
const outbox = join(dirname(process.env.HEMBIX_TEST_ARRIVALS ?? ''), 'outbox')
const messages = async () => (await owner.get<AccountFacts>('/api/account')).body.mail.messages
const inOutbox = (id: string | undefined) => readFile(join(outbox, `${id ?? ''}.eml`)).catch(() => null)

describe('copies by mail', () => {
  it('go to each address alone, with the documents and the note, and are answered to whoever sent them', async () => {
    const { body } = await send([lease, plan], ['Per@Harbour.example', 'odo@quay.example'], { note: 'For Thursday' })
    expect(body).toEqual({ to: 2, isSent: false })
    const written = await messages()
    expect(written.map(({ to, files, subject }) => [to, files, subject]).sort()).toEqual([
      ['odo@quay.example', ['Lease.txt', 'Harbour plan.csv'], 'Ida Fenn sends you 2 documents'],
      ['per@harbour.example', ['Lease.txt', 'Harbour plan.csv'], 'Ida Fenn sends you 2 documents'],
    ])
    const { id } = written.find(({ to }) => to === 'per@harbour.example') ?? { id: undefined }
    const read = async () => PostalMime.parse((await inOutbox(id)) ?? '', { attachmentEncoding: 'utf8' })
    await expect.poll(async () => (await read()).attachments.length).toBe(2)
    const mail = await read()
    expect([mail.to?.map(({ address }) => address), mail.cc, mail.replyTo?.[0]?.address]).toEqual([
      ['per@harbour.example'],
      undefined,
      owner.email,
    ])
    expect(mail.text).toContain('For Thursday')
    expect(mail.attachments.map(({ filename, mimeType, content }) => [filename, mimeType, content])).toEqual([
      ['Lease.txt', 'text/plain', 'one year'],
      ['Harbour plan.csv', 'text/csv', 'berth,length\n7,12'],
    ])
  })

  it('stand in History, are sent once for a key, and are passed over by Undo', async () => {
    const change = v7()
    const before = (await messages()).length
    await send([lease], ['per@harbour.example'], { change })
    await send([lease], ['per@harbour.example'], { change })
    expect((await messages()).length).toBe(before + 1)
    const { body } = await owner.get<{ changes: { id: string; label: string }[] }>('/api/changes')
    expect(body.changes[0]?.label).toBe('Sent a copy of “Lease” by mail to per@harbour.example')
    const undone = await owner.send<Refused>('POST', '/api/changes/undo', { id: v7(), changeId: change })
    expect(undone.body.code).toBe('undo.copy')
    const folder = await owner.folder('Just made')
    await send([lease], ['per@harbour.example'])
    await owner.undo()
    const ids = async () => (await owner.outline()).folders.map(({ id }) => id)
    expect(await ids()).not.toContain(folder)
    // What changed no row takes no Redo away.
    await send([lease], ['per@harbour.example'])
    await owner.redo()
    expect(await ids()).toContain(folder)
  })

  it('are refused in a sentence, and nothing is written', async () => {
    const before = (await messages()).length
    const code = async (...[ids, to, more, by]: Parameters<typeof send>) => (await send(ids, to, more, by)).body.code
    const stranger = await newClient()
    expect(await code([lease], ['per@harbour.example'], {}, stranger)).toBe('notFound')
    expect(await code([lease, v7()], ['per@harbour.example'])).toBe('notFound')
    expect(await code([lease], ['per harbour'])).toBe('request.invalid')
    expect(await code([lease], ['a@b.example\r\nBcc: all@b.example'])).toBe('request.invalid')
    expect(await code([lease], [])).toBe('request.invalid')
    const large = (await owner.upload('Large.bin', Buffer.alloc(19 * 1024 * 1024, 7))).id
    expect((await send([large], ['per@harbour.example'])).body.message).toContain('a message takes 19 MB at most')
    const secret = (await owner.upload('Secret.txt', 'the secret of the quay')).id
    await owner.whenRead(secret)
    const lock = { id: v7(), documentIds: [secret], folderId: null, passphrase: 'Captain and pilot 7' }
    expect((await owner.send('POST', '/api/locks', lock)).status).toBe(200)
    expect(await code([secret], ['per@harbour.example'])).toBe('mail.locked')
    await owner.act({ kind: 'plan.areasOnly', on: true })
    expect(await code([lease], ['per@harbour.example'])).toBe('give.areasOnly')
    expect((await messages()).length).toBe(before)
  })

  it('are at most twenty acts an hour', async () => {
    const busy = await newClient()
    const { id } = await busy.upload('Note.txt', 'x')
    const codes: (string | undefined)[] = []
    for (let at = 0; at < 21; at++) codes.push((await send([id], ['per@harbour.example'], {}, busy)).body.code)
    expect([codes.slice(0, 20).filter(Boolean), codes[20]]).toEqual([[], 'mail.many'])
  })
})

describe('copies in the In-tray of others', () => {
  it('stand in the History of whoever gave them', async () => {
    const [giver, other] = [await newClient(), await newClient()]
    const { id } = await giver.upload('Knots.txt', 'bowline')
    const { body: person } = await giver.get<{ id: string }>(`/api/people?email=${encodeURIComponent(other.email)}`)
    const change = v7()
    const to = [{ who: 'person', whoId: person.id }]
    for (const _ of [1, 2]) await giver.send('POST', `/api/documents/${id}/copies`, { change, to })
    const { body } = await giver.get<{ changes: { label: string }[] }>('/api/changes')
    expect(body.changes.filter(({ label }) => label === `Gave ${other.email} a copy of “Knots”`)).toHaveLength(1)
  })
})
