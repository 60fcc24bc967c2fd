import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { Lock } from '../../contract/lock'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const pdfOf = (client: Client, id: string, more = '') =>
  fetch(`${client.base}/api/documents/${id}/pdf${more}`, { headers: { cookie: client.cookie } })
const messageOf = async (reply: Response) => ((await reply.json()) as { message: string }).message

describe('office documents as pages', () => {
  it('come as a PDF, whole or in pieces', async () => {
    const client = await newClient()
    const { id } = await client.upload('Berths.odt', 'Berths of the north quay')
    expect(await client.document(id)).toMatchObject({ asPages: true })
    const whole = await pdfOf(client, id, '?inline=1')
    expect([whole.status, whole.headers.get('content-type'), whole.headers.get('content-disposition')]).toEqual([
      200,
      'application/pdf',
      "inline; filename*=UTF-8''Berths.pdf",
    ])
    const bytes = Buffer.from(await whole.arrayBuffer())
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
    const piece = await fetch(`${client.base}/api/documents/${id}/pdf`, {
      headers: { cookie: client.cookie, range: 'bytes=1-3' },
    })
    expect([piece.status, await piece.text()]).toEqual([206, 'PDF'])
  })

  it('are refused in a sentence where there are none', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const { id } = await client.upload('Berths.docx', 'not to be opened')
    const { id: empty } = await client.upload('Empty.ods', '')
    const { id: note } = await client.upload('notes.txt', 'Shore power')
    expect(await client.document(note)).toMatchObject({ asPages: false })
    const refusals = await Promise.all([
      pdfOf(client, id),
      pdfOf(client, empty),
      pdfOf(client, note),
      pdfOf(client, id, '?version=7'),
      pdfOf(stranger, id),
    ])
    expect(refusals.map(({ status }) => status)).toEqual([422, 422, 422, 404, 404])
    expect(await Promise.all(refusals.slice(0, 3).map(messageOf))).toEqual([
      'This page cannot be shown. The office suite cannot open it.',
      'This page cannot be shown. It is empty.',
      'This page cannot be shown. Only office documents are set as pages.',
    ])
  })

  it('of what is locked are shown only while it is open, and no browser keeps them', async () => {
    const client = await newClient()
    const { id } = await client.upload('Salaries.odt', 'Salaries of the harbour office')
    await client.whenRead(id)
    expect((await pdfOf(client, id)).status).toBe(200)
    const [lock, passphrase] = [v7(), 'a long passphrase']
    await client.send('POST', '/api/locks', { id: lock, documentIds: [id], passphrase })
    expect((await pdfOf(client, id)).status).toBe(403)
    const { locks } = (await client.get<{ locks: Lock[] }>('/api/locks')).body
    await client.send('POST', `/api/locks/${locks[0]?.id ?? ''}/open`, { passphrase })
    const open = await pdfOf(client, id)
    expect([open.status, open.headers.get('cache-control')]).toEqual([200, 'no-store'])
  })
})
