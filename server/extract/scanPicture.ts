// Scanned pages as pictures: what could be done to them, and doing it.

import sharp from 'sharp'
import type { Sharp } from 'sharp'
import type { Grey, ScanEdits } from '../../core/scan/index'
import { cropOf, skewOf } from '../../core/scan/index'
import { Unreadable } from './outcome'

const LOOK_WIDTH = 600
const PIXEL_LIMIT = 120_000_000
const PAPER_BLUR = 30
const BLACK_BELOW = 176
// A little more than white, so that paper is white throughout and not only beside letters.
const WHITE = 268

export interface ScanFacts {
  readonly width: number
  readonly height: number
  readonly edits: ScanEdits
}

/** Size of a picture and what straightens and cuts it. Throws Unreadable for what is no picture. */
export async function lookAtScan(picture: Buffer): Promise<ScanFacts & { readonly png: Buffer }> {
  const png = await sharp(picture, { limitInputPixels: PIXEL_LIMIT })
    .rotate()
    .flatten({ background: '#ffffff' })
    .resize({ width: 3000, height: 3000, fit: 'inside', withoutEnlargement: true })
    .png({ compressionLevel: 3 })
    .toBuffer()
    .catch(() => {
      throw new Unreadable('It is no picture that can be opened. Choose a PNG, JPEG, WebP or TIFF.')
    })
  const { width, height } = await sharp(png).metadata()
  // Small before it is turned: the whole page would take ten times as long and tell no more.
  const small = await greyOf(sharp(png).resize({ width: LOOK_WIDTH }))
  const degrees = -skewOf(small)
  const turned = await greyOf(
    sharp(small.points, { raw: { width: small.width, height: small.height, channels: 1 } }).rotate(degrees, {
      background: '#d9d9d9',
    }),
  )
  const crop = cropOf(turned)
  return { png, width, height, edits: { quarters: 0, degrees, crop, tone: 'grey' } }
}

async function greyOf(picture: Sharp): Promise<Grey> {
  const { data, info } = await picture.greyscale().extractChannel(0).raw().toBuffer({ resolveWithObject: true })
  return { width: info.width, height: info.height, points: data }
}

/** The page as it will be in the document; `width` makes it smaller for looking. */
export async function drawScan(
  png: Buffer,
  { quarters, degrees, crop, tone }: ScanEdits,
  width: number | null = null,
): Promise<{ bytes: Buffer; width: number; height: number; type: 'image/png' | 'image/jpeg' }> {
  const turned = await sharp(png)
    .rotate(quarters * 90 + degrees, { background: '#ffffff' })
    .png({ compressionLevel: 1 })
    .toBuffer({ resolveWithObject: true })
  const left = Math.round(turned.info.width * crop.left)
  const top = Math.round(turned.info.height * crop.top)
  let cut = sharp(turned.data).extract({
    left,
    top,
    width: Math.max(16, turned.info.width - left - Math.round(turned.info.width * crop.right)),
    height: Math.max(16, turned.info.height - top - Math.round(turned.info.height * crop.bottom)),
  })
  if (width !== null) cut = sharp(await cut.toBuffer()).resize({ width, withoutEnlargement: true })
  if (tone === 'as it is') return encode(cut, 'image/jpeg')
  const { data, info } = await cut.greyscale().raw().toBuffer({ resolveWithObject: true })
  const clean = await withoutPaper(data, info.width, info.height)
  if (tone === 'black and white')
    for (let at = 0; at < clean.length; at++) clean[at] = (clean[at] ?? 255) < BLACK_BELOW ? 0 : 255
  return encode(
    sharp(clean, { raw: { width: info.width, height: info.height, channels: 1 } }),
    tone === 'grey' ? 'image/jpeg' : 'image/png',
  )
}

/** Divides the picture by its paper, the picture without its letters, so that shadows and grey go. */
async function withoutPaper(grey: Buffer, width: number, height: number): Promise<Buffer> {
  const paper = await sharp(grey, { raw: { width, height, channels: 1 } })
    .blur(PAPER_BLUR)
    .extractChannel(0)
    .raw()
    .toBuffer()
  const clean = Buffer.alloc(grey.length)
  for (let at = 0; at < grey.length; at++)
    clean[at] = Math.min(255, Math.round(((grey[at] ?? 0) / Math.max(1, paper[at] ?? 1)) * WHITE))
  return clean
}

async function encode(
  picture: Sharp,
  type: 'image/png' | 'image/jpeg',
): Promise<{ bytes: Buffer; width: number; height: number; type: 'image/png' | 'image/jpeg' }> {
  const { data, info } = await (
    type === 'image/jpeg' ? picture.jpeg({ quality: 82 }) : picture.png({ palette: true, colours: 2 })
  ).toBuffer({ resolveWithObject: true })
  return { bytes: data, width: info.width, height: info.height, type }
}
