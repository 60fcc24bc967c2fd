// Pages as one PDF, the recognised text behind each picture (text rendering mode 3, ISO 32000-1, 9.3.6), so that
// it can be searched and copied anywhere.

import PDFDocument from 'pdfkit'
import type { ComposedPage, PlacedWord } from './outcome'

const A4_LONG_POINTS = 841.89

/** `pictures` stand for `pages` one by one. */
export async function composePdf(
  pictures: readonly Buffer[],
  pages: readonly ComposedPage[],
  title: string,
  now: Date,
): Promise<Buffer> {
  const pdf = new PDFDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Hembix', CreationDate: now } })
  const parts: Buffer[] = []
  pdf.on('data', (part: Buffer) => parts.push(part))
  const ended = new Promise<void>((resolve, reject) => {
    pdf.on('end', resolve)
    pdf.on('error', reject)
  })
  for (const [index, { width, height, words }] of pages.entries()) {
    const picture = pictures[index]
    if (!picture) throw new Error(`There is no picture of page ${index + 1}.`)
    const scale = A4_LONG_POINTS / Math.max(width, height)
    const [wide, high] = [width * scale, height * scale]
    pdf.addPage({ size: [wide, high], margin: 0 })
    pdf.save()
    pdf.addContent('3 Tr')
    pdf.font('Helvetica')
    for (const line of linesOf(words)) lay(pdf, line, wide, high)
    pdf.restore()
    pdf.image(picture, 0, 0, { width: wide, height: high })
  }
  pdf.end()
  await ended
  return Buffer.concat(parts)
}

/**
 * Words that stand in one line, as one piece: what is copied has its blanks, whatever the program that copies makes of
 * gaps.
 */
export function linesOf(words: readonly PlacedWord[]): PlacedWord[] {
  const lines: PlacedWord[] = []
  for (const word of words) {
    const line = lines.at(-1)
    if (line && isBehind(line.box, word.box))
      lines[lines.length - 1] = { text: `${line.text} ${word.text}`, box: around(line.box, word.box) }
    else lines.push(word)
  }
  return lines
}

function isBehind(
  [, top, right, bottom]: PlacedWord['box'],
  [left, nextTop, , nextBottom]: PlacedWord['box'],
): boolean {
  const shared = Math.min(bottom, nextBottom) - Math.max(top, nextTop)
  return left >= right && shared > 0.4 * Math.min(bottom - top, nextBottom - nextTop)
}

function around(
  [left, top, , bottom]: PlacedWord['box'],
  [, nextTop, right, nextBottom]: PlacedWord['box'],
): PlacedWord['box'] {
  return [left, Math.min(top, nextTop), right, Math.max(bottom, nextBottom)]
}

function lay(
  pdf: PDFKit.PDFDocument,
  { text, box: [left, top, right, bottom] }: PlacedWord,
  wide: number,
  high: number,
): void {
  const size = Math.max(3, (bottom - top) * high)
  pdf.fontSize(size)
  const natural = pdf.widthOfString(text)
  if (natural <= 0 || right <= left) return
  pdf.text(text, left * wide, top * high - size * 0.1, {
    lineBreak: false,
    horizontalScaling: ((right - left) * wide * 100) / natural,
  } as PDFKit.Mixins.TextOptions) // known to the package, not to its types
}
