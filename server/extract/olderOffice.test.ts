// Documents of programs before 2007. The two samples were made of our own texts and saved in those formats.

import { readFileSync } from 'node:fs'
import CFB from 'cfb'
import iconv from 'iconv-lite'
import { describe, expect, it } from 'vitest'
import { readDoc } from './doc'
import { Unreadable } from './outcome'
import { readPpt } from './ppt'
import { readXls } from './xls'
import { namedTexts, wholeText } from '../../tests/support/partTexts'

const sample = (name: string) => readFileSync(new URL(`../../tests/support/samples/${name}`, import.meta.url))

/** The text, or why there is none. Anything but our own words is a fault. */
function saidOf(read: () => string): string {
  try {
    return read()
  } catch (error) {
    if (error instanceof Unreadable) return error.message
    throw error
  }
}

describe(readDoc, () => {
  it('gives the text in its order, in any script, cells apart', () => {
    expect(wholeText(readDoc(sample('letter.doc')))).toBe(
      'Berth lease\nThe holder of berth B7 pays 1,240 euro a year. Grüße aus Łódź, 港口.\n' +
        'Quay\tNorth\t\tPaid on 4 March 2026.',
    )
  })

  it('tells the letters of before Unicode by what they look like', () => {
    const letters = iconv.encode('Договор аренды причала действует до марта.\rПлата вносится ежегодно.', 'windows-1251')
    const stream = Buffer.alloc(0x600)
    stream.writeUInt16LE(0xa5dc, 0)
    stream.writeUInt16LE(0x68, 2)
    stream.writeUInt32LE(0x400, 0x18)
    stream.writeUInt32LE(0x400 + letters.length, 0x1c)
    letters.copy(stream, 0x400)
    const file = CFB.utils.cfb_new()
    CFB.utils.cfb_add(file, '/WordDocument', stream)
    expect(wholeText(readDoc(CFB.write(file, { type: 'buffer' }) as Buffer))).toBe(
      'Договор аренды причала действует до марта.\nПлата вносится ежегодно.',
    )
  })

  it('reads those of before containers, and letters as a Macintosh wrote them', () => {
    const stream = Buffer.alloc(0x600)
    const letters = iconv.encode('La durée du bail', 'macintosh')
    stream.writeUInt16LE(0xa5db, 0)
    stream.writeUInt8(1, 0x12)
    stream.writeUInt32LE(0x400, 0x18)
    stream.writeUInt32LE(0x400 + letters.length, 0x1c)
    letters.copy(stream, 0x400)
    expect(wholeText(readDoc(stream))).toBe('La durée du bail')
  })

  it('reads what is only called so, and says what is none', () => {
    expect(wholeText(readDoc(Buffer.from('{\\rtf1 Rope\\par}')))).toBe('Rope')
    expect(wholeText(readDoc(Buffer.from('just words')))).toBe('just words')
    expect(() => readDoc(Buffer.from('MZ\0\0 a program'))).toThrow('holds no such document')
  })

  it('ends at a damaged table of pieces and gives what is before it', () => {
    const bytes = sample('letter.doc')
    for (let at = 512; at < bytes.length; at += 97) {
      const damaged = Buffer.from(bytes)
      damaged.fill(0xff, at, Math.min(at + 60, damaged.length))
      const said = saidOf(() => wholeText(readDoc(damaged)))
      expect(said.length).toBeLessThan(5000)
    }
  })
})

describe(readXls, () => {
  it('gives each sheet with its name, cells as they are shown', () => {
    const [dues = '', quays = ''] = namedTexts(readXls(sample('dues.xls')))
    expect(dues.split('\n').slice(0, 4)).toEqual([
      'sheet Dues: Dues',
      'Holder\tDue\tPaid',
      'Łucja Quay\t2023-03-15\tx',
      'Søren Mole 港\t1234.5\ty',
    ])
    expect(quays.split('\n').slice(0, 2)).toEqual(['sheet Quays: Quays', 'North quay'])
  })

  it('says what is no table, and survives a stream that ends within a record', () => {
    expect(() => readXls(Buffer.from('no table'))).toThrow('holds no such document')
    const bytes = sample('dues.xls')
    for (let at = 600; at < bytes.length; at += 61) {
      const damaged = Buffer.from(bytes)
      damaged.fill(0xee, at, Math.min(at + 40, damaged.length))
      expect(saidOf(() => wholeText(readXls(damaged))).length).toBeLessThan(5000)
    }
  })
})

/** A record of a stream: containers hold others. */
function record(kind: number, content: Buffer | readonly Buffer[], instance = 0): Buffer {
  const isContainer = Array.isArray(content)
  const body = isContainer ? Buffer.concat(content as readonly Buffer[]) : (content as Buffer)
  const head = Buffer.alloc(8)
  head.writeUInt16LE((instance << 4) | (isContainer ? 0xf : 0), 0)
  head.writeUInt16LE(kind, 2)
  head.writeUInt32LE(body.length, 4)
  return Buffer.concat([head, body])
}
const [persist, chars, bytes] = [1011, 4000, 4008]
/** Options of a shape: a width, and the text that is drawn. */
function drawnAsLetters(text: string): Buffer {
  const letters = Buffer.from(text, 'utf16le')
  const options = Buffer.alloc(12)
  options.writeUInt16LE(0x01cb, 0)
  options.writeUInt16LE(0xc0c0, 6)
  options.writeUInt32LE(letters.length, 8)
  return Buffer.concat([options, letters])
}
const wide = (text: string) => record(chars, Buffer.from(text, 'utf16le'))

describe(readPpt, () => {
  it('gives each slide with its placeholders, drawn texts and footers, what the master says, notes behind', () => {
    const stream = Buffer.concat([
      record(1000, [
        record(4080, [record(persist, Buffer.alloc(20)), wide('Master text')], 1),
        record(
          4080,
          [
            record(persist, Buffer.alloc(20)),
            wide('Harbour plan\r2026'),
            record(persist, Buffer.alloc(20)),
            record(bytes, Buffer.from('Quays', 'latin1')),
          ],
          0,
        ),
        record(4080, [record(persist, Buffer.alloc(20)), wide('Say who pays')], 2),
      ]),
      record(1016, [
        record(0xf004, [record(0xf011, [record(3011, Buffer.alloc(8))]), record(0xf00d, [wide('Click to edit')])]),
        record(0xf004, [record(0xf00d, [wide('Harbour board')])]),
      ]),
      record(1006, [record(0xf00d, [wide('港口 text box')])]),
      record(1006, [
        record(4057, [record(4026, Buffer.from('Meeting in March', 'utf16le'))]),
        record(0xf004, [record(0xf00b, drawnAsLetters('Welcome'), 2)]),
      ]),
    ])
    const file = CFB.utils.cfb_new()
    CFB.utils.cfb_add(file, '/PowerPoint Document', stream)
    expect(namedTexts(readPpt(CFB.write(file, { type: 'buffer' }) as Buffer))).toEqual([
      'slide 1: Harbour plan\n2026\n港口 text box\nHarbour board',
      'slide 2: Quays\nMeeting in March\nWelcome',
      'notes: Say who pays',
    ])
  })

  it('says what is none', () => {
    expect(() => readPpt(Buffer.from('none'))).toThrow('holds no such document')
  })
})
