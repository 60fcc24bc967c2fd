import sharp from 'sharp'

/** A TIFF with a page for each of the texts, as faxes and scanners make them. */
export async function setAsTiff(texts: readonly string[]): Promise<Buffer> {
  const pages = await Promise.all(
    texts.map(text =>
      sharp(
        Buffer.from(
          '<svg xmlns="http://www.w3.org/2000/svg" width="1000" height="400"><rect width="1000" height="400" ' +
            `fill="#fff"/><text x="60" y="200" font-size="56" font-family="sans-serif">${text}</text></svg>`,
        ),
      )
        .png()
        .toBuffer(),
    ),
  )
  return sharp(pages, { join: { animated: true } })
    .tiff({ compression: 'lzw' })
    .toBuffer()
}
