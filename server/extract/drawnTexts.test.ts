import { deflateSync } from 'node:zlib'
import CFB from 'cfb'
import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { namedTexts } from '../../tests/support/partTexts'
import { drawnInCompound, drawnInContainer } from './drawnTexts'
import { READERS } from './readers'

/** A drawing of one piece of writing ([MS-EMF] 2.3.5.37). */
function drawing(text: string): Buffer {
  const bytes = Buffer.alloc(88 + 36 + text.length)
  ;[1, 88].forEach((value, index) => bytes.writeUInt32LE(value, index * 4))
  bytes.writeUInt32LE(0x464d4520, 40)
  ;[108, 36 + text.length, 0, 0, text.length, 0x300].forEach((value, index) =>
    bytes.writeUInt32LE(value, 88 + index * 4),
  )
  bytes.write(text, 88 + 36, 'latin1')
  return bytes
}

/** As it is kept before 2007, with one identifier. */
function kept(picture: Buffer, isPacked: boolean): Buffer {
  const content = isPacked ? deflateSync(picture) : picture
  const head = Buffer.alloc(8 + 16 + 34)
  Buffer.from('403d1af0', 'hex').copy(head)
  head.writeUInt32LE(16 + 34 + content.length, 4)
  head.writeUInt8(isPacked ? 0 : 0xfe, head.length - 2)
  return Buffer.concat([head, content])
}

describe(drawnInCompound, () => {
  it('gives the letters of each drawing, packed and plain, and passes over damage', () => {
    const file = CFB.utils.cfb_new()
    const pictures = [kept(drawing('Dues by year'), true), kept(drawing('Berth plan'), false)]
    const damaged = kept(drawing('Lost'), true).fill(0xff, 60)
    CFB.utils.cfb_add(file, '/Pictures', Buffer.concat([...pictures, damaged, Buffer.from('403d1af0', 'hex')]))
    expect(drawnInCompound(CFB.write(file, { type: 'buffer' }) as Buffer)).toEqual(['Dues by year', 'Berth plan'])
    expect(drawnInCompound(Buffer.from('just words'))).toEqual([])
  })
})

describe(drawnInContainer, () => {
  it('makes a part behind all others, without what the document says itself', async () => {
    const bytes = zipSync({
      'word/document.xml': strToU8('<w:document xmlns:w="w"><w:p><w:t>Berth plan</w:t></w:p></w:document>'),
      'word/media/image1.emf': drawing('Berth plan'),
      'word/media/image2.emf': drawing('Dues of 2026'),
      'word/media/image3.png': drawing('No drawing'),
    })
    expect(await drawnInContainer(bytes)).toEqual(['Berth plan', 'Dues of 2026'])
    expect(namedTexts([...(await READERS.docx(bytes)).pages])).toEqual(['Berth plan', 'drawing: Dues of 2026'])
  })

  it('has nothing to say of a flat file', async () => {
    expect(await drawnInContainer(strToU8('<office:document/>'))).toEqual([])
  })
})
