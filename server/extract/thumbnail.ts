// Small pictures of documents: the first page of a PDF, a picture, or the beginning of a text set as a sheet.

import { createRequire } from 'node:module'
import { createCanvas, GlobalFonts } from '@napi-rs/canvas'
import sharp from 'sharp'
import { isReadable, isScanned } from '../../core/formats/index'
import { drawPdfPage } from './pdf'
import { drawPicture } from './picture'
import { Unreadable } from './outcome'

/** Points; shown at half of it, so that it is sharp on fine screens. */
const [WIDTH, HEIGHT] = [320, 400]
const [MARGIN, LETTER, LINE, FIRST_LETTER] = [26, 13, 19, 17]
const require = createRequire(import.meta.url)

/**
 * A WebP that fits into 320 x 400 points. `text` is the beginning of its words. Throws Unreadable where nothing can be
 * shown.
 */
export async function drawThumbnail(extension: string, bytes: Uint8Array, text: string): Promise<Uint8Array> {
  const page =
    extension === 'pdf'
      ? await drawPdfPage(bytes, 1)
      : isScanned(extension) || !isReadable(extension)
        ? await drawPicture(bytes, 1)
        : drawSheet(text)
  return sharp(page)
    .resize({ width: WIDTH, height: HEIGHT, fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 78 })
    .toBuffer()
}

/** The first lines, the first of them larger, on white. */
function drawSheet(text: string): Buffer {
  const lines = text
    .split('\n')
    .map(line => line.trim().replace(/^#+\s+/, ''))
    .filter(line => line !== '')
  if (lines.length === 0) throw new Unreadable('It holds no words.')
  useFonts()
  const canvas = createCanvas(WIDTH, HEIGHT)
  const pen = canvas.getContext('2d')
  pen.fillStyle = '#ffffff'
  pen.fillRect(0, 0, WIDTH, HEIGHT)
  pen.fillStyle = '#23262b'
  let at = MARGIN + FIRST_LETTER
  for (const [index, line] of lines.entries()) {
    pen.font = index === 0 ? `600 ${FIRST_LETTER}px Sheet` : `${LETTER}px Sheet`
    for (const part of broken(line, WIDTH - 2 * MARGIN, words => pen.measureText(words).width)) {
      if (at > HEIGHT - MARGIN / 2) return canvas.toBuffer('image/png')
      pen.fillText(part, MARGIN, at)
      at += LINE + (index === 0 ? 4 : 0)
    }
    at += 3
  }
  return canvas.toBuffer('image/png')
}

/** A line cut between words so that each part fits; a word that is too wide stands alone. */
function broken(line: string, width: number, widthOf: (text: string) => number): string[] {
  const parts: string[] = []
  let part = ''
  for (const word of line.slice(0, 600).split(/\s+/)) {
    const longer = part === '' ? word : `${part} ${word}`
    if (part !== '' && widthOf(longer) > width) {
      parts.push(part)
      part = word
    } else part = longer
  }
  return [...parts, part]
}

function useFonts(): void {
  if (GlobalFonts.has('Sheet')) return
  for (const part of ['latin', 'latin-ext', 'cyrillic-ext'])
    GlobalFonts.registerFromPath(
      require.resolve(`@fontsource-variable/hanken-grotesk/files/hanken-grotesk-${part}-wght-normal.woff2`),
      'Sheet',
    )
}
