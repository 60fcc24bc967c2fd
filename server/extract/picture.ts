import sharp from 'sharp'
import { Unreadable } from './outcome'

const PIXEL_LIMIT = 120_000_000
const PAGE_LIMIT = 200

/** How many pages a picture has; several only in a TIFF. */
export async function pagesOfPicture(bytes: Uint8Array): Promise<number> {
  const { pages } = await sharp(bytes, { limitInputPixels: PIXEL_LIMIT }).metadata().catch(damaged)
  return Math.min(pages ?? 1, PAGE_LIMIT)
}

/** One page (from 1) of a picture as a PNG, upright as its camera says. */
export async function drawPicture(bytes: Uint8Array, page: number): Promise<Uint8Array> {
  if (page > 1 && page > (await pagesOfPicture(bytes))) throw new Unreadable(`It has no page ${page}.`)
  return sharp(bytes, { limitInputPixels: PIXEL_LIMIT, page: page - 1 })
    .rotate()
    .flatten({ background: '#ffffff' })
    .resize({ width: 3000, height: 3000, fit: 'inside', withoutEnlargement: true })
    .png({ compressionLevel: 1 })
    .toBuffer()
    .catch(damaged)
}

function damaged(): never {
  throw new Unreadable(
    'It is a damaged picture, or larger than 120 million points. Open it where it was made and save it again.',
  )
}
