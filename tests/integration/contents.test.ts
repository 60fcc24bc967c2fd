// What a mailbox, a message or an archive holds becomes documents of their own.

import { strToU8, zipSync } from 'fflate'
import PDFDocument from 'pdfkit'
import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { ChangeEntry } from '../../contract/change'
import type { Found } from '../../contract/find'
import type { OutlineReply } from '../../contract/plan'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeAll(async () => {
  client = await newClient()
})

const takeOut = (id: string, change = v7()) =>
  client.send<ChangeEntry & Refused>('POST', `/api/documents/${id}/contents`, { change })
const foldersUnder = async (parent: string) =>
  (await client.get<OutlineReply>('/api/plan')).body.folders.filter(({ parentId }) => parentId === parent)
const namesIn = async (folder: string) => (await client.documentsIn(folder)).documents.map(({ name }) => name)

const MAILBOX = ['One', 'Two', 'A / B', 'Four']
  .map(
    subject =>
      `From a@b Mon Mar  2 10:00:00 2026\nSubject: ${subject}\nFrom: Ada <a@b.example>\n\nWords of ${subject}\n\n`,
  )
  .join('')

describe('taking out', () => {
  it('makes documents of messages in a folder beside the mailbox, found by their words, as one act', async () => {
    const folder = await client.folder('Board')
    const { id } = await client.upload('Mail of the board.mbox', MAILBOX, folder)
    const { status, body } = await takeOut(id)
    expect([status, body.label]).toEqual([200, expect.stringContaining('4 documents')])
    const [made] = await foldersUnder(folder)
    expect([made?.name, await namesIn(made?.id ?? '')]).toEqual(['Mail of the board', ['A - B', 'Four', 'One', 'Two']])
    await client.send('POST', '/api/changes/undo', { id: v7(), changeId: null })
    expect([await foldersUnder(folder), await namesIn(folder)]).toEqual([[], ['Mail of the board']])
  })

  it('makes documents of what is attached to a PDF, which is found by its words before', async () => {
    const folder = await client.folder('Invoices')
    const pdf = new PDFDocument()
    const parts: Buffer[] = []
    const ended = new Promise<Buffer>(resolve =>
      pdf.on('data', (part: Buffer) => parts.push(part)).on('end', () => resolve(Buffer.concat(parts))),
    )
    pdf.text('Invoice of the quay office').file(Buffer.from('berth 7,120 kittiwakes'), { name: 'sums.csv' })
    pdf.end()
    const { id } = await client.upload('invoice.pdf', await ended, folder)
    await client.whenRead(id)
    const { body: found } = await client.get<Found>('/api/find?q=kittiwakes')
    const [hit] = found.documents
    expect([hit?.id, hit?.passage?.part]).toEqual([id, { kind: 'attachment', name: 'sums.csv' }])
    expect((await takeOut(id)).status).toBe(200)
    expect(await namesIn(folder)).toEqual(['invoice', 'sums'])
    const { id: bare } = await client.upload('bare.pdf', Buffer.from('%PDF-1.4 nothing'), folder)
    expect((await takeOut(bare)).status).toBe(422)
  })

  it('keeps the folders of an archive, and asked twice makes nothing twice', async () => {
    const folder = await client.folder('Slipway')
    const bytes = zipSync({
      'plans/pontoon.txt': strToU8('pontoon'),
      'plans/old/quay.txt': strToU8('quay'),
      '__MACOSX/._x': strToU8('system'),
      'list.txt': strToU8('list'),
    })
    const { id } = await client.upload('drawings.zip', Buffer.from(bytes), folder)
    const change = v7()
    const [first, again] = [await takeOut(id, change), await takeOut(id, change)]
    expect([first.status, again.body]).toEqual([200, first.body])
    const [made] = await foldersUnder(folder)
    expect(await namesIn(made?.id ?? '')).toEqual(['list'])
    const below = await foldersUnder(made?.id ?? '')
    expect(below.map(({ name }) => name)).toEqual(['plans'])
    const plans = below.find(({ name }) => name === 'plans')?.id ?? ''
    expect([await namesIn(plans), (await foldersUnder(plans)).map(({ name }) => name)]).toEqual([['pontoon'], ['old']])
  })

  it('lays what is attached to a message in the In-tray beside it, and says that it came with it', async () => {
    const message = [
      'Subject: Lease',
      'MIME-Version: 1.0',
      'Content-Type: multipart/mixed; boundary=b',
      '',
      '--b',
      'Content-Type: text/plain',
      '',
      'See below',
      '--b',
      'Content-Type: text/plain; name=terms.txt',
      'Content-Disposition: attachment; filename=terms.txt',
      '',
      'Terms',
      '--b--',
      '',
    ].join('\r\n')
    const { id } = await client.upload('Lease.eml', message)
    expect((await takeOut(id)).status).toBe(200)
    expect((await client.document(id)).together.map(({ name }) => name)).toEqual(['terms'])
    expect((await namesIn('in-tray')).includes('terms')).toBe(true)
  })

  it('says why where nothing can be taken out, and changes nothing', async () => {
    const plain = await client.upload('notes.txt', 'words')
    const broken = await client.upload('broken.zip', 'PK no archive')
    const hostile = zipSync({ '../../etc/passwd.txt': strToU8('no') })
    const outwards = await client.upload('outwards.zip', Buffer.from(hostile))
    const alone = await client.upload('alone.eml', 'Subject: x\r\n\r\nwords')
    const answers = await Promise.all(
      [plain, broken, outwards, alone].map(async ({ id }) => (await takeOut(id)).body.code),
    )
    expect(answers).toEqual(['contents.none', 'contents.unreadable', 'contents.unreadable', 'contents.none'])
  })
})
