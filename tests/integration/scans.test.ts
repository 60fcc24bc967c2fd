// Pages of the scanner become one searchable document; pictures and scans are found by the words in them.

import { createCanvas } from '@napi-rs/canvas'
import { v7 } from 'uuid'
import { afterAll, describe, expect, it } from 'vitest'
import type { Recognising, WordsReply } from '../../contract/reading'
import type { ScannedPage } from '../../contract/scan'
import type { TextReply } from '../../contract/document'
import { rows } from '../../server/db/client'
import { stopQueue } from '../../server/db/queue'
import { readPdf } from '../../server/extract/pdf'
import { requeueOlderReadings } from '../../server/services/reading/requestReading'
import type { Client, Refused } from '../support/client'
import { BASE, newClient } from '../support/client'

afterAll(stopQueue)

type Pages = { pages: ScannedPage[] } & Refused

function picture(lines: readonly string[], degrees = 0): Buffer {
  const canvas = createCanvas(1240, 900)
  const pen = canvas.getContext('2d')
  pen.fillStyle = '#e4e1d9'
  pen.fillRect(0, 0, 1240, 900)
  pen.rotate((degrees * Math.PI) / 180)
  pen.fillStyle = '#2c2c2c'
  pen.font = '36px serif'
  lines.forEach((line, index) => pen.fillText(line, 110, 150 + index * 70))
  return canvas.toBuffer('image/png')
}

async function found(client: Client, query: string): Promise<string[]> {
  return (
    await client.get<{ documents: { id: string }[] }>(`/api/find?q=${encodeURIComponent(query)}`)
  ).body.documents.map(hit => hit.id)
}

async function whenScanned(client: Client, id: string): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    const { reading } = await client.document(id)
    if (reading.state === 'read' && reading.scansLeft === 0) return
    await new Promise(resolve => setTimeout(resolve, 200))
  }
  throw new Error('The scan was not read in time.')
}

describe('pages of the scanner', () => {
  it('are straightened, put in order, and become one PDF that is found and copied by its words', async () => {
    const client = await newClient()
    const { pages } = (await client.send<Pages>('POST', '/api/scans', {})).body
    expect([pages.length, pages.every(page => Math.abs(page.edits.degrees) < 2)]).toEqual([3, true])
    const shown = await fetch(`${BASE}/api/scans/${pages[0]?.id}/picture?width=300`, {
      headers: { cookie: client.cookie },
    })
    expect([shown.status, shown.headers.get('content-type')]).toEqual([200, 'image/jpeg'])
    const order = [pages[2], pages[0], pages[1]].flatMap(page => page?.id ?? [])
    for (const id of order)
      expect((await client.send<{ words: number }>('POST', `/api/scans/${id}/read`, {})).body.words).toBeGreaterThan(10)
    const [change, document] = [v7(), v7()]
    const bound = await client.send<{ label: string } & Refused>('POST', '/api/scans/document', {
      change,
      document,
      name: 'Bound pages',
      pages: order,
    })
    expect([bound.status, bound.body.label]).toEqual([200, 'Added “Bound pages” to the In-tray'])
    expect(
      (await client.send('POST', '/api/scans/document', { change, document, name: 'Bound pages', pages: order }))
        .status,
    ).toBe(200)
    expect((await client.get<Pages>('/api/scans')).body.pages).toEqual([])
    const { pages: text } = await readPdf(new Uint8Array((await client.content(document)).bytes))
    expect(text.length).toBe(3)
    const known = [
      /^What is to be done .*Order two cleats of the larger size from the chandlery\./,
      /^Confirmation .*Please keep this page with your papers\./,
    ]
    const words = text[0]?.replace(/\s+/g, ' ') ?? ''
    expect({ words, known: known.filter(page => page.test(words)).length }).toEqual({ words, known: 1 })
    await client.whenRead(document)
    expect(await found(client, text[0]?.includes('Confirmation') ? 'harbour mutual' : 'chandlery')).toEqual([document])
    expect((await client.document(document)).origin).toBe('scan')
  })

  it("are turned and cut as said, dropped, and nobody else's", async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const taken = await fetch(`${BASE}/api/scans/picture`, {
      method: 'POST',
      headers: { cookie: client.cookie, 'content-type': 'application/octet-stream' },
      body: new Uint8Array(picture(['Only one line of words on it', 'and a second one below'], 2)),
    })
    const [page] = ((await taken.json()) as Pages).pages
    expect(page?.edits.degrees).toBeCloseTo(-2, 0)
    const edits = { quarters: 1, degrees: 0, crop: { left: 0, top: 0.1, right: 0, bottom: 0 }, tone: 'black and white' }
    expect((await client.send('PUT', `/api/scans/${page?.id}`, { edits })).status).toBe(200)
    expect((await stranger.send<Refused>('PUT', `/api/scans/${page?.id}`, { edits })).status).toBe(404)
    expect((await stranger.send<Refused>('POST', `/api/scans/${page?.id}/read`, {})).status).toBe(404)
    expect(
      (await client.send<Refused>('PUT', `/api/scans/${page?.id}`, { edits: { ...edits, degrees: 80 } })).body.code,
    ).toBe('request.invalid')
    expect((await client.get<Pages>('/api/scans')).body.pages[0]?.edits).toEqual(edits)
    await client.send('DELETE', `/api/scans/${page?.id}`)
    expect((await client.get<Pages>('/api/scans')).body.pages).toEqual([])
    const broken = await fetch(`${BASE}/api/scans/picture`, {
      method: 'POST',
      headers: { cookie: client.cookie, 'content-type': 'application/octet-stream' },
      body: 'no picture',
    })
    expect([broken.status, ((await broken.json()) as Refused).code]).toEqual([422, 'scan.picture'])
  })
})

describe('a picture of a text', () => {
  it('is found by its words, which are known to stand where they stand', async () => {
    const client = await newClient()
    const { id } = await client.upload(
      'photo.png',
      picture(['The mooring at the eastern breakwater', 'needs a longer halyard before Sunday']),
    )
    await client.whenRead(id)
    await whenScanned(client, id)
    expect(await found(client, 'halyard')).toEqual([id])
    const { pages } = (await client.get<WordsReply>(`/api/documents/${id}/words`)).body
    const word = pages[0]?.words.find(one => one.text === 'halyard')
    expect(word?.box[0]).toBeGreaterThan(0.2)
    expect(word?.box[1]).toBeCloseTo(0.21, 1)
    expect((await client.get<TextReply>(`/api/documents/${id}/text`)).body.pages[0]?.body).toContain(
      'eastern breakwater',
    )
  })

  it('keeps its words when newer readers read it again, and is recognised anew when somebody asks', async () => {
    const client = await newClient()
    const { id } = await client.upload(
      'board.png',
      picture(['Tide board beside the slipway', 'painted again in spring']),
    )
    await client.whenRead(id)
    await whenScanned(client, id)
    const state = async () =>
      (
        await rows<{ reader: number; waiting: number; seen: number }>(
          null,
          `SELECT r.reader, (SELECT count(*)::int FROM scan_page s
            WHERE s.blob_id = r.blob_id) AS waiting, (SELECT count(*)::int FROM page_words w
              WHERE w.blob_id = r.blob_id) AS seen
      FROM reading r JOIN document d ON d.blob_id = r.blob_id WHERE d.id = $1`,
          [id],
        )
      )[0]
    const now = await state()
    await rows(
      null,
      `UPDATE reading SET reader = 0 WHERE blob_id = (SELECT blob_id FROM document WHERE id = $1) RETURNING 1`,
      [id],
    )
    expect(await requeueOlderReadings()).toBeGreaterThan(0)
    await client.whenRead(id)
    expect([now?.seen, await state(), await found(client, 'slipway')]).toEqual([
      1,
      { reader: now?.reader, waiting: 0, seen: 1 },
      [id],
    ])
    await client.send('PUT', '/api/reading', { recognising: false, languages: null })
    await client.send('POST', `/api/documents/${id}/reading`, {})
    await client.whenRead(id)
    expect([await state(), await found(client, 'slipway')]).toEqual([{ reader: now?.reader, waiting: 1, seen: 0 }, []])
    await client.send('PUT', '/api/reading', { recognising: true, languages: null })
    await whenScanned(client, id)
    expect(await found(client, 'slipway')).toEqual([id])
  })

  it('without any text is read all the same, as one that holds none', async () => {
    const client = await newClient()
    const { id } = await client.upload('sky.png', picture([]))
    await client.whenRead(id)
    await whenScanned(client, id)
    expect((await client.get<TextReply>(`/api/documents/${id}/text`)).body.pages[0]?.body).toBe('')
  })

  it('waits while reading is paused, and is read when it goes on', async () => {
    const client = await newClient()
    await client.send('PUT', '/api/reading', { recognising: false, languages: ['eng', 'deu'] })
    const { id } = await client.upload('later.png', picture(['Paused until the evening tide']))
    await client.whenRead(id)
    await new Promise(resolve => setTimeout(resolve, 3000))
    const { body } = await client.get<Recognising>('/api/reading')
    expect(body).toEqual({
      pages: 1,
      documents: 1,
      recognising: false,
      languages: ['eng', 'deu'],
      used: ['eng', 'deu'],
    })
    await client.send('PUT', '/api/reading', { recognising: true, languages: null })
    await whenScanned(client, id)
    expect(await found(client, '"evening tide"')).toEqual([id])
  })
})
