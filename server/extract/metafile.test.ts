import { describe, expect, it } from 'vitest'
import { metafileText } from './metafile'

/** A drawing of these records, as [MS-EMF] lays them out. */
function emf(...records: readonly Buffer[]): Buffer {
  const header = Buffer.alloc(88)
  header.writeUInt32LE(1, 0)
  header.writeUInt32LE(88, 4)
  header.writeUInt32LE(0x464d4520, 40)
  const end = Buffer.alloc(20)
  end.writeUInt32LE(14, 0)
  end.writeUInt32LE(20, 4)
  return Buffer.concat([header, ...records, end])
}

/** Letters of ten units each, from x on. */
function written(text: string, x: number, y: number): Buffer {
  const letters = Buffer.from(text, 'utf16le')
  const padded = Math.ceil(letters.length / 4) * 4
  const record = Buffer.alloc(76 + padded + text.length * 4)
  ;[84, record.length].forEach((value, index) => record.writeUInt32LE(value, index * 4))
  record.writeInt32LE(x, 36)
  record.writeInt32LE(y, 40)
  record.writeUInt32LE(text.length, 44)
  record.writeUInt32LE(76, 48)
  record.writeUInt32LE(76 + padded, 72)
  letters.copy(record, 76)
  for (let index = 0; index < text.length; index++) record.writeInt32LE(10, 76 + padded + index * 4)
  return record
}

const small = (text: string): Buffer => {
  const record = Buffer.alloc(36 + text.length)
  ;[108, record.length, 0, 90, text.length, 0x300].forEach((value, index) => record.writeUInt32LE(value, index * 4))
  record.write(text, 36, 'latin1')
  return record
}

const wmfRecord = (kind: number, data: Buffer): Buffer => {
  const head = Buffer.alloc(6)
  head.writeUInt32LE((6 + data.length) / 2, 0)
  head.writeUInt16LE(kind, 4)
  return Buffer.concat([head, data])
}
const numbers = (...values: readonly number[]): Buffer => {
  const bytes = Buffer.alloc(values.length * 2)
  values.forEach((value, index) => bytes.writeInt16LE(value, index * 2))
  return bytes
}
const font = (charset: number) => wmfRecord(0x02fb, Buffer.from([...Array<number>(13).fill(0), charset, 0, 0, 0, 0]))
const wmf = (...records: readonly Buffer[]) =>
  Buffer.concat([numbers(1, 9, 0x300, 0, 0, 0, 0, 0, 0), ...records, numbers(3, 0, 0)])

describe(metafileText, () => {
  it('joins the pieces of a word, parts words by their gaps and lines by their height', () => {
    expect(
      metafileText(emf(written('Har', 0, 10), written('bour', 30, 10), written('dues', 90, 10), small('2026'))),
    ).toBe('Harbour dues\n2026')
  })

  it('reads each font of an older drawing in its encoding', () => {
    const text = Buffer.from([0xcf, 0xf0, 0xe8, 0xf7, 0xe0, 0xeb]) // “Причал” in windows-1251
    const extended = wmfRecord(0x0a32, Buffer.concat([numbers(5, 7, 6, 0), text, numbers(8, 8, 8, 8, 8, 8)]))
    const plain = wmfRecord(0x0521, Buffer.concat([numbers(4), Buffer.from('Quay'), numbers(50, 7)]))
    const chosen = [wmfRecord(0x02fa, numbers(0, 0, 0, 0, 0)), font(204), wmfRecord(0x012d, numbers(1)), extended]
    expect(
      metafileText(wmf(...chosen, wmfRecord(0x01f0, numbers(1)), font(0), wmfRecord(0x012d, numbers(1)), plain)),
    ).toBe('Причал\nQuay')
  })

  it('keeps what stands before the place where it is cut off, and says nothing of what is none', () => {
    const whole = emf(written('Berth', 0, 0), written('plan', 0, 20))
    expect(metafileText(whole.subarray(0, whole.length - 60))).toBe('Berth')
    expect(metafileText(Buffer.from('GIF89a and many more bytes that are no drawing at all'))).toBe('')
  })
})
