// Pages of text as pictures: as from a good scanner, and as from one that stands badly.

import { createRequire } from 'node:module'
import { createCanvas, GlobalFonts } from '@napi-rs/canvas'
import sharp from 'sharp'
import type { Random } from '../../demo/random'

const require = createRequire(import.meta.url)

export function registerFonts(): void {
  for (const [family, file] of [
    ['Sheet', '@fontsource-variable/hanken-grotesk/files/hanken-grotesk-latin-wght-normal.woff2'],
    ['Serif', '@fontsource-variable/besley/files/besley-latin-wght-normal.woff2'],
  ] as const)
    GlobalFonts.registerFromPath(require.resolve(file), family)
}

/** A page of 200 dots an inch with these paragraphs. */
export function pageOf(random: Random, texts: readonly string[]): Buffer {
  const canvas = createCanvas(1654, 2339)
  const pen = canvas.getContext('2d')
  pen.fillStyle = '#ffffff'
  pen.fillRect(0, 0, 1654, 2339)
  pen.fillStyle = '#161616'
  const size = random.int(28, 34)
  pen.font = `${size}px ${random.pick(['Sheet', 'Serif'])}`
  let at = 190
  for (const text of texts) {
    let line = ''
    for (const word of text.split(' ')) {
      if (pen.measureText(`${line} ${word}`).width > 1330) {
        pen.fillText(line, 160, at)
        line = word
        at += size * 1.5
      } else line = line === '' ? word : `${line} ${word}`
    }
    pen.fillText(line, 160, at)
    at += size * 2.1
  }
  return canvas.toBuffer('image/png')
}

/** As from a scanner that stands badly: turned by up to 1.6 degrees, grey, noisy, a little soft. */
export async function badly(random: Random, page: Buffer): Promise<Buffer> {
  const turned = await sharp(page)
    .rotate((random.next() < 0.5 ? 1 : -1) * (0.8 + 0.8 * random.next()), { background: '#f2f0ea' })
    .grayscale()
    .linear(0.72, 46)
    .blur(0.7)
    .toBuffer()
  const { width, height } = await sharp(turned).metadata()
  const noise = await sharp({
    create: { width, height, channels: 3, background: '#808080', noise: { type: 'gaussian', mean: 128, sigma: 26 } },
  })
    .grayscale()
    .png()
    .toBuffer()
  return sharp(turned)
    .composite([{ input: noise, blend: 'soft-light' }])
    .png()
    .toBuffer()
}
