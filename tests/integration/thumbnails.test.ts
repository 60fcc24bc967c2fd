import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { ThumbnailState } from '../../contract/document'
import { renderFile } from '../../demo/files'
import { Client, newClient } from '../support/client'
import { setAsTiff } from '../support/fax'

const ask = async (client: Client, ids: readonly string[]) => {
  const { body } = await client.send<{ thumbnails: { id: string; state: ThumbnailState }[] }>(
    'POST',
    '/api/thumbnails',
    { ids },
  )
  return new Map(body.thumbnails.map(({ id, state }) => [id, state]))
}

async function settled(client: Client, ids: readonly string[]): Promise<ReadonlyMap<string, ThumbnailState>> {
  for (let tries = 0; tries < 600; tries++) {
    const states = await ask(client, ids)
    if ([...states.values()].every(state => state !== 'waiting')) return states
    await new Promise(resolve => setTimeout(resolve, 50))
  }
  throw new Error('The pictures were not made in time.')
}

const picture = (client: Client, id: string) =>
  fetch(`${client.base}/api/documents/${id}/thumbnail`, { headers: { cookie: client.cookie } })

describe('small pictures of documents', () => {
  it('are made when somebody wants to see them, of what can be shown, and anew after a replacement', async () => {
    const client = await newClient()
    const { id: pdf } = await client.upload(
      'paper.pdf',
      await renderFile({
        name: 'paper',
        format: 'pdf',
        title: 'A paper',
        date: new Date(0),
        paragraphs: ['Shore power is metered.'],
        table: [],
      }),
    )
    const { id: text } = await client.upload('notes.txt', 'Shore power\nis metered')
    const { id: empty } = await client.upload('empty.txt', '')
    const { id: other } = await client.upload('drawing.xyz', 'no words')
    for (const id of [pdf, text]) await client.whenRead(id)
    expect((await picture(client, pdf)).status).toBe(404)
    const states = await settled(client, [pdf, text, empty, other])
    expect([pdf, text, empty, other].map(id => states.get(id))).toEqual(['made', 'made', 'none', 'none'])
    const first = await picture(client, text)
    expect([first.status, first.headers.get('content-type')]).toEqual([200, 'image/webp'])
    const bytes = Buffer.from(await first.arrayBuffer())
    expect(bytes.subarray(8, 12).toString()).toBe('WEBP')
    expect((await picture(client, other)).status).toBe(404)
    const version = `change=${v7()}&name=notes.txt&changed=2026-05-01T00:00:00.000Z&written=true`
    await fetch(`${client.base}/api/documents/${text}/content?${version}`, {
      method: 'POST',
      headers: { cookie: client.cookie, 'content-type': 'application/octet-stream' },
      body: 'Quite another text\nof three\nlines',
    })
    await client.whenRead(text)
    expect((await settled(client, [text])).get(text)).toBe('made')
    expect(Buffer.from(await (await picture(client, text)).arrayBuffer()).equals(bytes)).toBe(false)
  })

  it('are shown to nobody else', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const { id } = await client.upload('notes.txt', 'Shore power')
    await client.whenRead(id)
    await settled(client, [id])
    expect((await picture(stranger, id)).status).toBe(404)
    expect((await ask(stranger, [id])).size).toBe(0)
    expect((await new Client(client.base).send('POST', '/api/thumbnails', { ids: [id] })).status).toBe(401)
    expect((await client.send('POST', '/api/thumbnails', { ids: ['x'] })).status).toBe(400)
  })
})

describe('pages of a TIFF', () => {
  const pageOf = (client: Client, id: string, page: number | string, version = '') =>
    fetch(`${client.base}/api/documents/${id}/pages/${page}${version}`, { headers: { cookie: client.cookie } })

  it('are drawn for those who may see it; what is not there or no TIFF is refused in a sentence', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const { id } = await client.upload('fax.tif', await setAsTiff(['Harbour dues', 'Second page']))
    const second = await pageOf(client, id, 2, '?version=1')
    expect([second.status, second.headers.get('content-type'), second.headers.get('cache-control')]).toEqual([
      200,
      'image/png',
      'private, max-age=86400, immutable',
    ])
    expect(
      Buffer.from(await second.arrayBuffer())
        .subarray(1, 4)
        .toString(),
    ).toBe('PNG')
    const { id: note } = await client.upload('notes.txt', 'Shore power')
    const { id: broken } = await client.upload('broken.tiff', 'no picture')
    const { id: empty } = await client.upload('empty.tif', '')
    const refusals = await Promise.all([
      pageOf(stranger, id, 1),
      pageOf(client, id, 0),
      pageOf(client, id, 'x'),
      pageOf(client, id, 3),
      pageOf(client, note, 1),
      pageOf(client, broken, 1),
      pageOf(client, empty, 1),
      pageOf(client, id, 1, '?version=7'),
    ])
    expect(
      await Promise.all(
        refusals.map(async refusal => [
          refusal.status,
          ((await refusal.json()) as { message: string }).message.slice(0, 61),
        ]),
      ),
    ).toEqual([
      [404, expect.anything()],
      [404, expect.anything()],
      [404, expect.anything()],
      [422, 'This page cannot be shown. It has no page 3.'],
      [422, 'This page cannot be shown. Only the pages of a TIFF are drawn'],
      [422, 'This page cannot be shown. It is a damaged picture, or larger'],
      [422, 'This page cannot be shown. It is empty.'],
      [404, expect.anything()],
    ])
  })
})
