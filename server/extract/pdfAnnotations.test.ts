import { deflateSync } from 'node:zlib'
import PDFDocument from 'pdfkit'
import { describe, expect, it } from 'vitest'
import { readPdf } from './pdf'
import { mayHaveNotes } from './pdfNotes'

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

  it('names what is attached, with the words of its last page', async () => {
    const bytes = await made(document => {
      document.text('First page').addPage().text('Second page')
      document.file(Buffer.from('a,b'), { name: 'mooring fees.csv', description: 'As agreed in March' })
    })
    const { pages } = await readPdf(new Uint8Array(bytes))
    expect(pages.map(page => page.trim())).toEqual(['First page', 'Second page\nmooring fees.csv\nAs agreed in March'])
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
