import PDFDocument from 'pdfkit'
import { expect, test } from 'vitest'
import { readPdf } from './pdf'
import { pdfLibrary } from './pdfLibrary'
import { wiredWorker } from './pdfWire'

function pdfOf(pages: readonly string[]): Promise<Uint8Array> {
  const document = new PDFDocument({ size: 'A5' })
  const parts: Buffer[] = []
  return new Promise((resolve, reject) => {
    document.on('data', (part: Buffer) => parts.push(part))
    document.on('end', () => {
      resolve(new Uint8Array(Buffer.concat(parts)))
    })
    document.on('error', reject)
    pages.forEach((text, index) => {
      ;(index > 0 ? document.addPage() : document).text(text)
    })
    document.end()
  })
}

// Enough for several messages a page, in which the sender uses one object again and again.
const pages = Array.from({ length: 3 }, (_, page) =>
  Array.from({ length: 220 }, (_, index) => `w${page}x${index}`).join(' '),
)

test('every word of every page comes over, in order', async () => {
  const read = await readPdf(await pdfOf(pages))
  expect(read.pages.flatMap(text => text.split(/\s+/).filter(word => word !== ''))).toEqual(pages.join(' ').split(' '))
})

test('several documents at once keep their texts apart', async () => {
  const texts = ['berth one', 'berth two', 'berth three']
  const read = await Promise.all(texts.map(async text => readPdf(await pdfOf([text]))))
  expect(read.map(({ pages }) => pages.join('').trim())).toEqual(texts)
})

test('a document that cannot be opened says so, and the next is read', async () => {
  const { getDocument } = await pdfLibrary()
  const worker = await wiredWorker()
  await expect(
    getDocument({ data: new TextEncoder().encode('%PDF-1.4 and nothing else'), worker }).promise,
  ).rejects.toThrow()
  worker.destroy()
  expect((await readPdf(await pdfOf(['berth']))).pages.join('').trim()).toBe('berth')
})
