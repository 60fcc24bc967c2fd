import PDFDocument from 'pdfkit'
import { describe, expect, it } from 'vitest'
import { readPdf } from './pdf'

function form(): Promise<Buffer> {
  const document = new PDFDocument({ compress: false })
  const parts: Buffer[] = []
  document.on('data', (part: Buffer) => parts.push(part))
  document.font('Helvetica').text('The har-\nbour office')
  document.initForm()
  document.formText('holder', 72, 200, 200, 20, { value: 'Lucja Quay' })
  document.note(72, 300, 30, 30, 'Ask for the second lease')
  const ended = new Promise<Buffer>(resolve => document.on('end', () => resolve(Buffer.concat(parts))))
  document.end()
  return ended
}

describe(readPdf, () => {
  it('reads what was filled into forms and noted on pages, and joins words that lines cut', async () => {
    const { pages } = await readPdf(new Uint8Array(await form()))
    expect(pages[0]).toContain('The harbour office')
    expect(pages[0]).toContain('Lucja Quay')
    expect(pages[0]).toContain('Ask for the second lease')
  })
})
