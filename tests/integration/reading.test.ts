import { zipSync, strToU8 } from 'fflate'
import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { DocumentListPage, TextReply } from '../../contract/document'
import { renderFile } from '../../demo/files'
import type { Format, Paper } from '../../demo/papers'
import { rows, execute, withTransaction } from '../../server/db/client'
import { refreshWordsOfBlob } from '../../server/db/sql/derived'
import { notifyWork } from '../../server/db/sql/notify'
import { keepTextWords } from '../../server/db/sql/textWords'
import { releaseLostClaims, resumeReadings } from '../../server/services/reading/requestReading'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeAll(async () => {
  client = await newClient()
})

const paper = (format: Format, title: string): Paper => ({
  name: title,
  format,
  title,
  date: new Date('2026-05-06T07:08:09Z'),
  paragraphs: ['Shore power is metered and charged at cost.', 'Größe der Boote: elf Meter; prix de l’électricité.'],
  table: [
    ['Berth', 'Units'],
    ['7', '120'],
  ],
})

async function textOf(id: string): Promise<string> {
  return (await client.get<TextReply>(`/api/documents/${id}/text`)).body.pages.map(page => page.body).join('\n')
}

describe('reading', () => {
  it('two documents of a plan at once makes neither wait for the other for ever', async () => {
    const holder = await newClient()
    const both = [await holder.upload('one.txt', 'pontoon one'), await holder.upload('two.txt', 'pontoon two')]
    for (const { id } of both) await holder.whenRead(id)
    const blobs = await rows<{ id: string }>(null, 'SELECT blob_id AS id FROM document WHERE id = ANY($1::uuid[])', [
      both.map(({ id }) => id),
    ])
    let [begun, areBoth] = [0, (): void => undefined]
    const bothBegun = new Promise<void>(resolve => {
      areBoth = resolve
    })
    const keeping = blobs.map(({ id }, index) =>
      withTransaction(async transaction => {
        await keepTextWords(transaction, id, [`capstan${index}`])
        if (++begun === blobs.length) areBoth()
        await bothBegun
        await refreshWordsOfBlob(transaction, id)
      }),
    )
    expect((await Promise.allSettled(keeping)).map(({ status }) => status)).toEqual(['fulfilled', 'fulfilled'])
  })

  it('counts what is done of the check lists of a memo, and of nothing else', async () => {
    const list = '- [x] Lift the anchor\n- [ ] Order cleats\n- [X] Tell Orla\n'
    const [memo, plain] = [await client.upload('winter.md', list), await client.upload('winter.txt', list)]
    for (const { id } of [memo, plain]) await client.whenRead(id)
    const { documents } = (await client.get<DocumentListPage>('/api/documents?folder=in-tray')).body
    const ticksOf = (id: string) => documents.find(document => document.id === id)?.ticks
    expect([ticksOf(memo.id), ticksOf(plain.id)]).toEqual([{ all: 3, done: 2 }, null])
  })

  it.each(['pdf', 'docx', 'odt', 'md', 'txt', 'html'] as const)('finds the words of a document in %s', async format => {
    const { id } = await client.upload(
      `paper ${format}.${format}`,
      await renderFile(paper(format, `A ${format} paper`)),
    )
    const { reading } = await client.whenRead(id)
    expect([reading.state, reading.paged]).toEqual(['read', format === 'pdf'])
    expect(await textOf(id)).toMatch(/Shore power is metered[\s\S]*Größe der Boote/)
  })

  it('finds the words of a table', async () => {
    const { id } = await client.upload('table.csv', await renderFile(paper('csv', 'Table')))
    await client.whenRead(id)
    expect(await textOf(id)).toContain('Berth,Units')
  })

  it('reads a text in an old encoding', async () => {
    const { id } = await client.upload(
      'latin.txt',
      Buffer.from('Die Größe der Boote wird am Liegeplatz für die Gebühr gemessen, über Nacht.', 'latin1'),
    )
    await client.whenRead(id)
    expect(await textOf(id)).toContain('Größe der Boote')
  })

  it('keeps documents of other types, findable by name', async () => {
    const { id } = await client.upload('drawing of the slipway.xyz', 'no words are read here')
    expect((await client.document(id)).reading.state).toBe('none')
    const { body } = await client.get<{ documents: { id: string }[] }>('/api/find/names?q=slipw')
    expect(body.documents.map(row => row.id)).toEqual([id])
  })
})

describe('a document that cannot be read', () => {
  const refusalOf = async (name: string, bytes: Buffer) =>
    (await client.whenRead((await client.upload(name, bytes)).id)).reading

  it('says that a PDF is not one', async () => {
    const reading = await refusalOf('fake.pdf', Buffer.from('just some words'))
    expect([reading.state, reading.reason]).toEqual([
      'failed',
      'It is named PDF but is not one. Open it where it was made and save it again.',
    ])
  })

  it('says that a PDF is damaged', async () => {
    const whole = await renderFile(paper('pdf', 'Whole'))
    expect((await refusalOf('cut.pdf', Buffer.concat([whole.subarray(0, 60), Buffer.alloc(400, 1)]))).state).toBe(
      'failed',
    )
  })

  it('does not unpack a container that swells', async () => {
    const bomb = Buffer.from(
      zipSync(
        { 'word/document.xml': new Uint8Array(120 * 1024 * 1024), '[Content_Types].xml': strToU8('<Types/>') },
        { level: 9 },
      ),
    )
    expect(bomb.length).toBeLessThan(1_000_000)
    expect((await refusalOf('bomb.docx', bomb)).reason).toContain('unpacks to more than 100 MB')
  })

  it('says that a DOCX or ODT holds no such document', async () => {
    expect((await refusalOf('letter.docx', Buffer.from('PK nothing'))).reason).toContain('not what its name says')
    expect((await refusalOf('letter.odt', Buffer.from(zipSync({ 'other.xml': strToU8('<a/>') })))).reason).toContain(
      'holds no such document',
    )
  })

  it('can be tried again, and the queue goes on after it', async () => {
    const { id } = await client.upload('again.pdf', 'not one either')
    await client.whenRead(id)
    expect((await client.send('POST', `/api/documents/${id}/reading`, {})).status).toBe(200)
    expect((await client.whenRead(id)).reading.state).toBe('failed')
    const { id: good } = await client.upload('good.txt', 'still going')
    expect((await client.whenRead(good)).reading.state).toBe('read')
  })

  it('is given back when the server that took it ended, and only then', async () => {
    const { id } = await client.upload('lost.txt', 'a text whose job was lost')
    await client.whenRead(id)
    await execute(
      null,
      `UPDATE reading SET state = 'reading', changed_at = now() - interval '2 hours' WHERE blob_id = (SELECT blob_id
        FROM document WHERE id = $1)`,
      [id],
    )
    expect(await releaseLostClaims(3 * 3600)).toBe(0)
    expect(await releaseLostClaims(3600)).toBe(1)
    await notifyWork(null)
    expect((await client.whenRead(id)).reading.state).toBe('read')
  })

  it('is asked for in the act that brings a document, and after a start where it never was', async () => {
    await rows(
      null,
      `CREATE FUNCTION unread() RETURNS trigger LANGUAGE plpgsql AS
        'BEGIN IF NOT EXISTS (SELECT FROM reading WHERE blob_id = NEW.blob_id) THEN
          RAISE EXCEPTION ''nobody reads it''; END IF; RETURN NULL; END'`,
    )
    await rows(
      null,
      'CREATE CONSTRAINT TRIGGER unread AFTER INSERT ON document DEFERRABLE INITIALLY DEFERRED FOR EACH ROW ' +
        `WHEN (NEW.extension = 'txt') EXECUTE FUNCTION unread()`,
    )
    const { id, status } = await client.upload('at once.txt', 'asked for at once')
    await rows(null, 'DROP FUNCTION unread() CASCADE')
    expect(status).toBe(200)
    await client.whenRead(id)
    await execute(null, 'DELETE FROM reading WHERE blob_id = (SELECT blob_id FROM document WHERE id = $1)', [id])
    await resumeReadings()
    await notifyWork(null)
    expect((await client.whenRead(id)).reading.state).toBe('read')
  })

  it('that ends while the same bytes come again is of use to those as well', async () => {
    const bytes = 'the same bytes at the same moment'
    const { id } = await client.upload('first.txt', bytes)
    await client.whenRead(id)
    const secondId = v7()
    await execute(
      null,
      `UPDATE reading SET state = 'reading' WHERE blob_id = (SELECT blob_id FROM document WHERE id = $1)`,
      [id],
    )
    const upload = await withTransaction(async reader => {
      await execute(
        reader,
        `UPDATE reading SET state = 'read', words = words || 'latecomer'::tsvector, changed_at = now()
          WHERE blob_id = (SELECT blob_id FROM document WHERE id = $1)`,
        [id],
      )
      const coming = client.upload('second.txt', bytes, null, { id: secondId })
      while ((await rows(null, 'SELECT FROM document WHERE id = $1', [secondId])).length === 0)
        await new Promise(resolve => setTimeout(resolve, 20))
      return { coming }
    })
    expect((await upload.coming).status).toBe(200)
    expect(
      await rows(null, `SELECT words @@ 'latecomer'::tsquery AS held FROM search_row WHERE document_id = $1`, [
        secondId,
      ]),
    ).toEqual([{ held: true }])
  })
})
