import ExcelJS from 'exceljs'
import { strToU8, zipSync } from 'fflate'
import iconv from 'iconv-lite'
import PDFDocument from 'pdfkit'
import sharp from 'sharp'
import { setAsTiff } from '../../tests/support/fax'
import { describe, expect, it } from 'vitest'
import { renderFile } from '../../demo/files'
import type { Format, Paper } from '../../demo/papers'
import { partsOf } from './parts'
import { readPlain } from './plain'
import { readHtml } from './html'
import { readEpub } from './epub'
import { readOdp, readOds, readOdt } from './openDocument'
import { readPdf } from './pdf'
import { readPptx } from './pptx'
import { readRtf } from './rtf'
import { readXlsx } from './xlsx'
import { namedTexts } from '../../tests/support/partTexts'
import { outcomeOf } from './carryOut'
import type { Drawn, Failure, Outcome, Task } from './outcome'
import { PROTECTED, Unreadable } from './outcome'
import { namesIn, unpack } from './zip'

const paper = (format: Format): Paper => ({
  name: 'x',
  format,
  title: 'Title & more',
  date: new Date('2026-01-02T03:04:05Z'),
  paragraphs: ['First paragraph.', 'Second: ü, é, ñ.'],
  table: [],
})
const run = (task: Task) => outcomeOf(task) as Promise<Drawn | Failure>
const bytesOf = async (format: Format) => new Uint8Array(await renderFile(paper(format)))

describe(readPlain, () => {
  it.each(['utf8', 'utf16-le', 'iso-8859-1', 'windows-1252'])('reads %s', encoding => {
    const text = 'Die Größe der Boote wird über Nacht für die Gebühr am Liegeplatz gemessen. Straße, Öl und Übung.'
    const bytes = iconv.encode(text, encoding, { addBOM: encoding.startsWith('utf16') })
    expect(readPlain(new Uint8Array(bytes)).replace(/^\uFEFF/, '')).toBe(text)
  })

  it('does not take other data for a text', () => {
    expect(() => readPlain(new Uint8Array([0x50, 0, 0, 1, 0, 2, 0, 0xff, 0xfe, 0, 0, 3]))).toThrow(Unreadable)
  })
})

describe(partsOf, () => {
  it('cuts between lines and loses nothing', () => {
    const text = Array.from({ length: 400 }, (_, line) => `Line ${line} says something of middling length.`).join('\n')
    const parts = partsOf(text)
    expect(parts.join('')).toBe(text)
    expect(parts.length).toBeGreaterThan(3)
    expect(parts.every(part => part.length <= 4001)).toBe(true)
    expect(parts.slice(0, -1).every(part => part.endsWith('\n'))).toBe(true)
  })

  it('cuts a text without blanks all the same', () => {
    expect(partsOf('x'.repeat(9000)).map(part => part.length)).toEqual([4000, 4000, 1000])
  })

  it('gives nothing for nothing', () => {
    expect(partsOf('')).toEqual([])
  })
})

describe(readHtml, () => {
  it('gives the words and not the markup, scripts or addresses', () => {
    const text = readHtml(
      new TextEncoder().encode(
        '<html><head><style>p{}</style><script>alert(1)</script></head><body><h1>Head</h1><p>Some <a ' +
          'href="https://elsewhere.example">words</a>&amp;</p></body></html>',
      ),
    )
    expect(text).toMatch(/Some words&/)
    expect(text).not.toMatch(/alert|elsewhere|p\{\}/)
  })
})

describe(readOdt, () => {
  it('keeps paragraphs apart and reads entities, tabs and runs of blanks', async () => {
    const names = 'xmlns:office="o" xmlns:text="t"'
    const content =
      `<office:document-content ${names}><office:body><office:text><text:p>One &amp; ` +
      'two<text:tab/>three<text:s/>four</text:p><text:p><text:span>Five</text:span> ' +
      'six</text:p></office:text></office:body></office:document-content>'
    expect(namedTexts(await readOdt(zipSync({ 'content.xml': strToU8(content) })))).toEqual([
      'One & two\tthree four\nFive six',
    ])
  })
})

describe(readPdf, () => {
  it('gives each page its text', async () => {
    expect((await readPdf(await bytesOf('pdf'))).pages[0]).toMatch(/Title & more[\s\S]*Second: ü, é, ñ\./)
  })

  it('knows the codes of Asian fonts that are not embedded', async () => {
    const codes = [0x93, 0xfa, 0x96, 0x7b, 0x8c, 0xea].map(byte => byte.toString(16)).join('') // “日本語” in Shift JIS
    const shown = `BT /F1 12 Tf 20 100 Td <${codes}> Tj ET`
    const japanese = [
      '%PDF-1.4',
      '1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj',
      '2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj',
      '3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 300 300]/Resources<</Font<</F1 4 0 R>>>>/Contents 5 0 R>>endobj',
      '4 0 obj<</Type/Font/Subtype/Type0/BaseFont/Ryumin-Light/Encoding/90ms-RKSJ-H/DescendantFonts[6 0 R]>>endobj',
      `5 0 obj<</Length ${shown.length}>>stream\n${shown}\nendstream endobj`,
      '6 0 obj<</Type/Font/Subtype/CIDFontType0/BaseFont/Ryumin-Light/DW 1000/FontDescriptor 7 0 R',
      '/CIDSystemInfo<</Registry(Adobe)/Ordering(Japan1)/Supplement 2>>>>endobj',
      '7 0 obj<</Type/FontDescriptor/FontName/Ryumin-Light/Flags 4/FontBBox[0 0 1000 1000]/ItalicAngle 0/Ascent 800',
      '/Descent -200/CapHeight 700/StemV 80>>endobj',
      'trailer<</Root 1 0 R>>',
    ].join('\n')
    expect((await readPdf(new TextEncoder().encode(japanese))).pages).toEqual([expect.stringContaining('日本語')])
  })

  it('refuses what is none', async () => {
    await expect(readPdf(new TextEncoder().encode('hello'))).rejects.toThrow('It is named PDF but is not one')
  })
})

describe('formats of an office', () => {
  it('reads each sheet of an XLSX, with dates and results of formulas', async () => {
    const book = new ExcelJS.Workbook()
    const sheet = book.addWorksheet('Dues')
    sheet.addRow(['Berth', 'Sum', 'Paid'])
    sheet.addRow([7, { formula: '2*206.25', result: 412.5 }, new Date('2026-04-01T00:00:00Z')])
    book.addWorksheet('Second').addRow(['Größe'])
    expect(namedTexts(await readXlsx(new Uint8Array(await book.xlsx.writeBuffer())))).toEqual([
      'sheet Dues: Dues\nBerth\tSum\tPaid\n7\t412.5\t2026-04-01',
      'sheet Second: Second\nGröße',
    ])
  })

  it('reads the sheets of an ODS and the slides of an ODP', async () => {
    const names = 'xmlns:office="o" xmlns:text="t" xmlns:table="b" xmlns:draw="d"'
    const ods =
      `<office:document-content ${names}><office:body><office:spreadsheet><table:table ` +
      'table:name="Dues"><table:table-row><table:table-cell><text:p>Berth</text:p></table:table-cell>' +
      '<table:table-cell><text:p>412</text:p></table:table-cell></table:table-row></table:table>' +
      '</office:spreadsheet></office:body></office:document-content>'
    const slides = ['One', 'Two'].map(text => `<draw:page><text:p>${text}</text:p></draw:page>`).join('')
    const odp =
      `<office:document-content ${names}><office:body><office:presentation>${slides}` +
      '</office:presentation></office:body></office:document-content>'
    expect(namedTexts(await readOds(zipSync({ 'content.xml': strToU8(ods) })))).toEqual([
      'sheet Dues: Dues\nBerth\t412',
    ])
    expect(namedTexts(await readOdp(zipSync({ 'content.xml': strToU8(odp) })))).toEqual([
      'slide 1: One',
      'slide 2: Two',
    ])
  })

  it('reads the slides of a PPTX in their order, notes behind', async () => {
    const slide = (text: string) =>
      strToU8(`<p:sld><p:txBody><a:p><a:r><a:t>${text} </a:t></a:r><a:r><a:t>end</a:t></a:r></a:p></p:txBody></p:sld>`)
    expect(
      namedTexts(
        await readPptx(
          zipSync({
            'ppt/slides/slide10.xml': slide('Ten'),
            'ppt/slides/slide2.xml': slide('Two'),
            'ppt/notesSlides/notesSlide2.xml': slide('Said'),
          }),
        ),
      ),
    ).toEqual(['slide 1: Two end', 'notes 1: Said end', 'slide 2: Ten end'])
    await expect(readPptx(zipSync({ 'x.xml': strToU8('<x/>') }))).rejects.toThrow('holds no slides')
  })

  it('reads RTF with code pages, Unicode and hidden groups', () => {
    const head = String.raw`{\rtf1\ansi\ansicpg1252{\fonttbl{\f0 Courier;}}{\*\generator Some;}\uc1 `
    const source = head + String.raw`Gr\'f6\'dfe \u8364?12\par {\b Second} line\tab end\{}}`
    expect(readRtf(new TextEncoder().encode(source))).toBe('Größe €12\nSecond line\tend{')
    expect(() => readRtf(new TextEncoder().encode('{not}'))).toThrow('is none')
  })

  it('reads a book in the order of its spine', async () => {
    const files = {
      'META-INF/container.xml': strToU8(
        '<container><rootfiles><rootfile full-path="OPS/book.opf"/></rootfiles></container>',
      ),
      'OPS/book.opf': strToU8(
        '<package><manifest><item id="a" href="a.xhtml"/><item id="b" ' +
          'href="b%20c.xhtml"/></manifest><spine><itemref idref="b"/><itemref idref="a"/></spine></package>',
      ),
      'OPS/a.xhtml': strToU8('<html><body><h2>The <i>end</i></h2><p>last words</p></body></html>'),
      'OPS/b c.xhtml': strToU8('<html><body><p>first words</p></body></html>'),
    }
    expect(namedTexts(await readEpub(zipSync(files)))).toEqual([
      'chapter: first words',
      expect.stringMatching(/^chapter The end: the end\s+last words$/i),
    ])
  })

  it('lists the names in an archive without unpacking it', async () => {
    expect(await namesIn(zipSync({ 'plans/pontoon.dwg': new Uint8Array(9), 'list.txt': new Uint8Array(1) }))).toBe(
      'plans/pontoon.dwg\nlist.txt',
    )
  })

  it.each(['xlsx', 'ods', 'odp', 'pptx', 'epub', 'zip', 'rtf', 'png', 'jpg', 'tif'] as const)(
    'says that a broken %s is one',
    async extension => {
      const outcome = await run({
        kind: 'read',
        recognised: [],
        extension,
        bytes: new TextEncoder().encode('PK\u0003\u0004 nothing of the kind'),
      })
      expect([outcome.ok, !outcome.ok && outcome.reason.length > 10]).toEqual([false, true])
    },
  )
})

describe('small pictures', () => {
  const pictureOf = async (extension: string, bytes: Uint8Array, text = '') => {
    const drawn = await run({ kind: 'thumbnail', extension, bytes, text })
    if (!drawn.ok || !('picture' in drawn)) throw new Error('It was not drawn.')
    const { format, width, height } = await sharp(drawn.picture).metadata()
    const { dominant } = await sharp(drawn.picture).stats()
    return {
      format,
      width,
      height,
      isLight: dominant.r > 200,
      ink: (await sharp(drawn.picture).stats()).channels[0]?.stdev ?? 0,
    }
  }

  it('are the first page of a PDF, and fit into 320 x 400 points', async () => {
    const { format, width, height, isLight, ink } = await pictureOf('pdf', await bytesOf('pdf'))
    expect([format, width <= 320, height <= 400, width > 200, isLight]).toEqual(['webp', true, true, true, true])
    expect(ink).toBeGreaterThan(2)
  })

  it('are the beginning of a text, set as a sheet', async () => {
    const { format, width, height, ink } = await pictureOf(
      'docx',
      await bytesOf('docx'),
      '# Größe der Boote\n\nThe holder pays quarterly dues for the berth on the pontoon, in advance and without ' +
        'being asked.',
    )
    expect([format, width, height]).toEqual(['webp', 320, 400])
    expect(ink).toBeGreaterThan(10)
  })

  it('are made of pictures that are not read as well', async () => {
    const drawing =
      '<svg xmlns="http://www.w3.org/2000/svg" width="900" height="450"><rect width="900" height="450" ' +
      'fill="#fff"/><rect x="100" y="100" width="300" height="200"/></svg>'
    const gif = await sharp(Buffer.from(drawing)).gif().toBuffer()
    for (const [extension, bytes] of [
      ['svg', Buffer.from(drawing)],
      ['gif', gif],
      ['tif', await setAsTiff(['Harbour dues', 'Second page'])],
    ] as const) {
      const { format, width, isLight, ink } = await pictureOf(extension, new Uint8Array(bytes))
      expect([extension, format, width, isLight, ink > 5]).toEqual([extension, 'webp', 320, true, true])
    }
  })

  it('are none where there is nothing to show', async () => {
    expect(
      await run({ kind: 'thumbnail', extension: 'txt', bytes: new TextEncoder().encode(' '), text: ' \n ' }),
    ).toEqual({ ok: false, reason: 'It holds no words.' })
    expect(
      (await run({ kind: 'thumbnail', extension: 'pdf', bytes: new TextEncoder().encode('no PDF'), text: '' })).ok,
    ).toBe(false)
    expect(
      (await run({ kind: 'thumbnail', extension: 'png', bytes: new TextEncoder().encode('no picture'), text: '' })).ok,
    ).toBe(false)
  })
})

describe('pages without text', () => {
  it('of a TIFF are drawn one by one, and a page that is not there is said', async () => {
    const bytes = new Uint8Array(await setAsTiff(['First page', 'Second page']))
    expect(await run({ kind: 'read', recognised: [], extension: 'tif', bytes })).toMatchObject({
      ok: true,
      scans: [1, 2],
    })
    const pictures = await Promise.all([1, 2].map(page => run({ kind: 'draw', extension: 'tiff', bytes, page })))
    const drawn = pictures.map(picture =>
      picture.ok && 'picture' in picture ? Buffer.from(picture.picture) : Buffer.of(),
    )
    expect(await Promise.all(drawn.map(async picture => (await sharp(picture).metadata()).height))).toEqual([400, 400])
    expect(drawn[0]?.equals(drawn[1] ?? Buffer.of())).toBe(false)
    expect(await run({ kind: 'draw', extension: 'tif', bytes, page: 3 })).toEqual({
      ok: false,
      reason: 'It has no page 3.',
    })
  })

  it('are drawn as pictures', async () => {
    const drawn = await run({ kind: 'draw', extension: 'pdf', bytes: await bytesOf('pdf'), page: 1 })
    expect(drawn.ok && 'picture' in drawn && Buffer.from(drawn.picture.subarray(1, 4)).toString()).toBe('PNG')
  })

  it('are named: all of a picture', async () => {
    expect(await run({ kind: 'read', recognised: [], extension: 'png', bytes: await bytesOf('png') })).toMatchObject({
      ok: true,
      pages: [{ page: 1, body: '' }],
      paged: true,
      scans: [1],
    })
  })
})

describe(unpack, () => {
  const zip = (size: number) => zipSync({ 'a.txt': new Uint8Array(size), 'b.txt': strToU8('b') }, { level: 9 })

  it('gives the wanted entries only', async () => {
    const entries = await unpack(zip(10), name => name === 'b.txt')
    expect([...entries].map(([name, bytes]) => [name, bytes.toString()])).toEqual([['b.txt', 'b']])
  })

  it('stops at the limit, counting also what is not wanted', async () => {
    await expect(unpack(zip(2_000_000), name => name === 'b.txt', { limitBytes: 1_000_000 })).rejects.toThrow(
      'unpacks to more than 1 MB',
    )
  })

  it('does not believe the sizes that are written in the container', async () => {
    const lying = Buffer.from(zip(2_000_000))
    const central = lying.indexOf(Buffer.from([0x50, 0x4b, 1, 2]))
    lying.writeUInt32LE(5, central + 24) // the uncompressed size
    await expect(unpack(lying, () => true, { limitBytes: 1_000_000 })).rejects.toThrow(Unreadable)
  })

  it('overlooks a comment of another length than it says', async () => {
    const other = Buffer.concat([zip(10), Buffer.alloc(0)])
    other.writeUInt16LE(1, other.length - 2)
    expect([...(await unpack(other, () => true)).keys()]).toEqual(['a.txt', 'b.txt'])
    expect([...(await unpack(Buffer.concat([zip(10), Buffer.from('x')]), () => true)).keys()]).toEqual([
      'a.txt',
      'b.txt',
    ])
  })

  it('keeps of a damaged part what came before, unless it is to be whole', async () => {
    const long = Array.from({ length: 20_000 }, (_, index) => `berth ${(index * index * 7919) % 10_007}`).join('\n')
    const damaged = Buffer.from(zipSync({ 'a.txt': strToU8(long), 'b.txt': strToU8('b') }, { level: 9 }))
    damaged.fill(0xff, 30_000, 30_200)
    const entries = await unpack(damaged, () => true)
    expect(entries.get('b.txt')?.toString()).toBe('b')
    expect(long.startsWith(entries.get('a.txt')?.toString().slice(0, 10_000) ?? '?')).toBe(true)
    expect(entries.get('a.txt')?.length).toBeLessThan(long.length)
    await expect(unpack(damaged, () => true, { whole: true })).rejects.toThrow('cannot be unpacked')
  })

  it('says that a damaged container is one', async () => {
    await expect(unpack(strToU8('PK not really'), () => true)).rejects.toThrow('not what its name says')
  })
})

describe(outcomeOf, () => {
  it.each(['pdf', 'docx', 'odt', 'md', 'txt', 'html'] as const)('gives pages or parts of %s', async format => {
    const outcome = (await outcomeOf({
      kind: 'read',
      recognised: [],
      extension: format,
      bytes: await bytesOf(format),
    })) as Outcome
    expect(
      outcome.ok && [
        outcome.paged,
        outcome.pages
          .map(({ body }) => body)
          .join(' ')
          .includes('First paragraph.'),
      ],
    ).toEqual([format === 'pdf', true])
  })

  it('names why it cannot, in a sentence', async () => {
    expect(await run({ kind: 'read', recognised: [], extension: 'txt', bytes: new Uint8Array() })).toEqual({
      ok: false,
      reason: 'It is empty: a file of zero bytes.',
    })
    expect(await run({ kind: 'read', recognised: [], extension: 'exe', bytes: new Uint8Array(3) })).toEqual({
      ok: false,
      reason: 'There is no reader for “exe”.',
    })
  })
  it('opens what bytes are and not what they are named', async () => {
    const outcome = (await outcomeOf({
      kind: 'read',
      recognised: [],
      extension: 'txt',
      bytes: await bytesOf('pdf'),
    })) as Outcome
    expect(outcome.ok && outcome.pages[0]?.body).toContain('First paragraph.')
  })

  it('says that a document is protected by a password', async () => {
    const compound = Buffer.concat([
      Buffer.from('d0cf11e0a1b11ae1', 'hex'),
      Buffer.alloc(600),
      Buffer.from('EncryptedPackage', 'utf16le'),
    ])
    const manifest = strToU8(
      '<manifest:manifest><manifest:file-entry><manifest:encryption-data/></manifest:file-entry></manifest:manifest>',
    )
    const text = zipSync({ 'content.xml': strToU8('not xml'), 'META-INF/manifest.xml': manifest })
    const pdf = await new Promise<Buffer>(resolve => {
      const parts: Buffer[] = []
      const document = new PDFDocument({ userPassword: 'tern' })
      document
        .on('data', (part: Buffer) => parts.push(part))
        .on('end', () => {
          resolve(Buffer.concat(parts))
        })
      document.text('sealed').end()
    })
    for (const [extension, bytes] of [
      ['docx', compound],
      ['xlsx', compound],
      ['pptx', compound],
      ['odt', text],
      ['pdf', pdf],
    ] as const) {
      expect([extension, await run({ kind: 'read', recognised: [], extension, bytes: new Uint8Array(bytes) })]).toEqual(
        [extension, { ok: false, reason: PROTECTED }],
      )
    }
  })
})
