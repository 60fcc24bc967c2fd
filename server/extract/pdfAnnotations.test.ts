import { deflateSync } from 'node:zlib'
import PDFDocument from 'pdfkit'
import { describe, expect, it } from 'vitest'
import { filesIn } from './contents'
import { readPdf } from './pdf'
import { mayHaveNotes } from './pdfNotes'
import { READERS } from './readers'

function made(write: (document: PDFKit.PDFDocument) => void): Promise<Buffer> {
  const document = new PDFDocument({ compress: false })
  const parts: Buffer[] = []
  document.on('data', (part: Buffer) => parts.push(part))
  write(document)
  const ended = new Promise<Buffer>(resolve => document.on('end', () => resolve(Buffer.concat(parts))))
  document.end()
  return ended
}

describe(readPdf, () => {
  it('reads what was filled into forms and noted on pages, and joins words that lines cut', async () => {
    const form = await made(document => {
      document.font('Helvetica').text('The har-\nbour office')
      document.initForm()
      document.formText('holder', 72, 200, 200, 20, { value: 'Lucja Quay' })
      document.note(72, 300, 30, 30, 'Ask for the second lease')
    })
    const { pages } = await readPdf(new Uint8Array(form))
    expect(pages[0]).toContain('The harbour office')
    expect(pages[0]).toContain('Lucja Quay')
    expect(pages[0]).toContain('Ask for the second lease')
  })

  it('gives what is attached by its name, with what it is', async () => {
    const bytes = await made(document => {
      document.text('First page').addPage().text('Second page')
      document.file(Buffer.from('a,b'), { name: 'mooring fees.csv', description: 'As agreed in March' })
    })
    const { pages, attached } = await readPdf(new Uint8Array(bytes))
    expect(pages.map(page => page.trim())).toEqual(['First page', 'Second page'])
    expect(
      attached.map(({ name, description, bytes: content }) => [name, description, String.fromCharCode(...content)]),
    ).toEqual([['mooring fees.csv', 'As agreed in March', 'a,b']])
  })
})

describe('what is attached', () => {
  it('is read as a part of its own, where it can be, and can be taken out', async () => {
    const bytes = new Uint8Array(
      await made(document => {
        document.text('The invoice of the quay office stands on this page')
        document.file(Buffer.from('berth,sum\n7,120 crowns'), { name: 'sums.csv' })
        document.file(Buffer.from([1, 2, 3]), { name: 'plan.dwg', description: 'The pontoon' })
      }),
    )
    const { pages, scans } = await READERS.pdf(bytes)
    expect(pages.map(({ kind, name }) => [kind, name])).toEqual([
      ['page', ''],
      ['attachment', 'plan.dwg'],
      ['attachment', 'sums.csv'],
    ])
    expect(pages.map(({ body }) => body.includes('120 crowns'))).toEqual([false, false, true])
    expect([pages[1]?.body, scans]).toEqual(['plan.dwg\nThe pontoon', []])
    const held = await filesIn('pdf', bytes)
    expect(held.map(({ path, bytes: content }) => [path, content.length])).toEqual([
      ['plan.dwg', 3],
      ['sums.csv', 22],
    ])
  })

  it('is none of most', async () => {
    expect(await filesIn('pdf', new Uint8Array(await made(document => document.text('The office'))))).toEqual([])
  })
})

describe(mayHaveNotes, () => {
  const packed = (objects: string, filtered = deflateSync(Buffer.from(objects))) =>
    Buffer.concat([Buffer.from('<</Type/ObjStm/N 1>>\nstream\r\n'), filtered, Buffer.from('\nendstream')])

  it('tells notes and forms from links, also packed ones', async () => {
    const linked = await made(document => document.text('The office', { link: 'https://harbour.example' }))
    const noted = await made(document => document.text('The office').note(72, 300, 30, 30, 'Ask'))
    expect([linked, noted].map(bytes => mayHaveNotes(new Uint8Array(bytes)))).toEqual([false, true])
    expect(mayHaveNotes(packed('7 0 <</Type/Annot/Subtype/Link>>'))).toBe(false)
    expect(mayHaveNotes(packed('7 0 <</Type/Annot/Subtype/FreeText>>'))).toBe(true)
  })

  it('leaves it to the pages where it cannot see', () => {
    expect(mayHaveNotes(packed('', Buffer.from('no such stream')))).toBe(true)
    expect(mayHaveNotes(Buffer.from('<</Type/ObjStm/N 1>>'))).toBe(true)
  })
})
