// Documents that are broken or mean harm, made from sound ones and by hand: cut, flipped, wrongly named, nested,
// swollen, endless, encrypted. The same for the same seed.

import { strToU8, zipSync } from 'fflate'
import PDFDocument from 'pdfkit'
import sharp from 'sharp'
import { renderFile } from '../../demo/files'
import type { Format, Paper } from '../../demo/papers'
import type { Random } from '../../demo/random'
import { seeded } from '../../demo/random'

export interface HostileFile {
  readonly name: string
  readonly bytes: Buffer
  /** It is sound but locked: the sentence has to say so. */
  readonly isProtected?: boolean
}

const FORMATS: readonly Format[] = ['pdf', 'docx', 'odt', 'xlsx', 'csv', 'md', 'txt', 'html', 'png']
const paper = (format: Format): Paper => ({
  name: 'paper',
  format,
  title: 'A paper to be spoilt',
  date: new Date('2026-05-06T07:08:09Z'),
  paragraphs: ['Shore power is metered and charged at cost.', 'The pontoon was walked to the outer berth.'],
  table: [
    ['Berth', 'Units'],
    ['7', '120'],
  ],
})

export async function hostileFiles(seed = 16): Promise<HostileFile[]> {
  const random = seeded(seed)
  const set = await Promise.all(
    FORMATS.map(async format => ({ format: format as string, bytes: await renderFile(paper(format)) })),
  )
  const png = set.find(({ format }) => format === 'png')?.bytes ?? Buffer.of()
  const sound = [
    ...set,
    { format: 'jpg', bytes: await sharp(png).jpeg().toBuffer() },
    { format: 'tif', bytes: await sharp(png).tiff().toBuffer() },
    {
      format: 'pptx',
      bytes: Buffer.from(
        zipSync({ 'ppt/slides/slide1.xml': strToU8('<p:sld><a:p><a:r><a:t>Shore power</a:t></a:r></a:p></p:sld>') }),
      ),
    },
    {
      format: 'eml',
      bytes: Buffer.from(
        'From: a@b.example\r\nSubject: Dues\r\nContent-Type: multipart/mixed; boundary=x\r\n\r\n--x\r\n\r\nShore ' +
          'power is metered.\r\n--x--\r\n',
      ),
    },
  ]
  return [
    ...sound.flatMap(({ format, bytes }) => spoilt(random, format, bytes)),
    ...wronglyNamed(sound),
    ...nested(),
    ...swollen(),
    ...pictures(),
    ...pdfs(),
    ...(await protectedOnes()),
    ...nothings(),
  ]
}

function spoilt(random: Random, format: string, bytes: Buffer): HostileFile[] {
  const cuts = [0.02, 0.2, 0.5, 0.8, 0.99].map((share, index) => ({
    name: `cut ${index}.${format}`,
    bytes: bytes.subarray(0, Math.ceil(bytes.length * share)),
  }))
  const flips = [1, 4, 16, 64, 256, 1024].map((count, index) => {
    const copy = Buffer.from(bytes)
    for (let flip = 0; flip < count; flip++) copy[random.int(0, copy.length - 1)] = random.int(0, 255)
    return { name: `flipped ${index}.${format}`, bytes: copy }
  })
  const doubled = [
    { name: `doubled.${format}`, bytes: Buffer.concat([bytes, bytes]) },
    { name: `padded.${format}`, bytes: Buffer.concat([bytes, Buffer.alloc(300_000)]) },
    { name: `led.${format}`, bytes: Buffer.concat([Buffer.alloc(700, 0x20), bytes]) },
  ]
  return [...cuts, ...flips, ...doubled]
}

const OTHER_NAMES = ['pdf', 'docx', 'xlsx', 'odt', 'ods', 'odp', 'epub', 'rtf', 'eml', 'zip', 'png', 'tif', 'txt']

function wronglyNamed(sound: readonly { format: string; bytes: Buffer }[]): HostileFile[] {
  return sound.flatMap(({ format, bytes }) =>
    OTHER_NAMES.filter(other => other !== format && (other.length + format.length) % 2 === 0).map(other => ({
      name: `really ${format}.${other}`,
      bytes,
    })),
  )
}

function nested(): HostileFile[] {
  const deep = 50_000
  const xml = (tag: string, count: number) => `${`<${tag}>`.repeat(count)}x${`</${tag}>`.repeat(count)}`
  let archive = zipSync({ 'x.txt': strToU8('x') })
  for (let level = 0; level < 200; level++) archive = zipSync({ 'inner.zip': archive }, { level: 0 })
  return [
    { name: 'deep.html', bytes: Buffer.from(xml('div', deep)) },
    { name: 'deep table.html', bytes: Buffer.from('<table><tr><td>'.repeat(5000)) },
    { name: 'deep.odt', bytes: Buffer.from(zipSync({ 'content.xml': strToU8(xml('text:span', deep)) })) },
    {
      name: 'deep.docx',
      bytes: Buffer.from(
        zipSync({ 'word/document.xml': strToU8(xml('w:p', deep)), '[Content_Types].xml': strToU8('<Types/>') }),
      ),
    },
    { name: 'deep.rtf', bytes: Buffer.from(`{\\rtf1${'{'.repeat(deep)}x${'}'.repeat(deep)}}`) },
    { name: 'deep.zip', bytes: Buffer.from(archive) },
    {
      name: 'deep.eml',
      bytes: Buffer.from(
        Array.from(
          { length: 400 },
          (_, level) => `Content-Type: multipart/mixed; boundary="b${level}"\r\n\r\n--b${level}\r\n`,
        ).join(''),
      ),
    },
    { name: 'deep.md', bytes: Buffer.from(`${'> '.repeat(deep)}x`) },
    {
      name: 'deep lists.md',
      bytes: Buffer.from(Array.from({ length: 3000 }, (_, level) => `${' '.repeat(level)}- x`).join('\n')),
    },
    { name: 'brackets.pdf', bytes: handmade(`${'['.repeat(deep)}${']'.repeat(deep)}`) },
    { name: 'saves.pdf', bytes: handmade('q '.repeat(200_000)) },
    { name: 'long line.csv', bytes: Buffer.alloc(3_000_000, 'a,') },
    { name: 'long word.txt', bytes: Buffer.alloc(5_000_000, 'x') },
    { name: 'accents.txt', bytes: Buffer.from(`a${'\u0301'.repeat(1_000_000)}`) },
  ]
}

function swollen(): HostileFile[] {
  const zeros = new Uint8Array(110 * 1024 * 1024)
  const zip = (path: string, content: Uint8Array) =>
    Buffer.from(zipSync({ [path]: content, '[Content_Types].xml': strToU8('<Types/>') }, { level: 9 }))
  const laughs =
    '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a ' +
    `"ha">${Array.from(
      { length: 12 },
      (_, index) => `<!ENTITY ${'bcdefghijklm'[index]} "${`&${'abcdefghijkl'[index]};`.repeat(10)}">`,
    ).join('')}]><l>&m;</l>`
  const letters = strToU8(
    `<w:document><w:body>${'<w:p><w:r><w:t>word after word </w:t></w:r></w:p>'.repeat(900_000)}</w:body></w:document>`,
  )
  return [
    { name: 'zeros.docx', bytes: zip('word/document.xml', zeros) },
    { name: 'zeros.odt', bytes: zip('content.xml', zeros) },
    { name: 'zeros.xlsx', bytes: zip('xl/worksheets/sheet1.xml', zeros) },
    { name: 'zeros.pptx', bytes: zip('ppt/slides/slide1.xml', zeros) },
    { name: 'zeros.epub', bytes: zip('META-INF/container.xml', zeros) },
    { name: 'letters.docx', bytes: zip('word/document.xml', letters) },
    { name: 'laughs.odt', bytes: zip('content.xml', strToU8(laughs)) },
    { name: 'laughs.docx', bytes: zip('word/document.xml', strToU8(laughs)) },
    {
      name: 'many entries.zip',
      bytes: Buffer.from(
        zipSync(Object.fromEntries(Array.from({ length: 20_000 }, (_, index) => [`${index}.txt`, new Uint8Array(0)]))),
      ),
    },
    {
      name: 'climbing.zip',
      bytes: Buffer.from(zipSync({ '../../../etc/passwd': strToU8('x'), '/absolute': strToU8('x') })),
    },
    {
      name: 'cells.xlsx',
      bytes: Buffer.from(
        zipSync({
          '[Content_Types].xml': strToU8(
            '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"/>',
          ),
          'xl/workbook.xml': strToU8(
            '<workbook xmlns:r="r"><sheets><sheet name="S" sheetId="1" r:id="r1"/></sheets></workbook>',
          ),
          'xl/_rels/workbook.xml.rels': strToU8(
            '<Relationships><Relationship Id="r1" Target="worksheets/sheet1.xml" Type="t"/></Relationships>',
          ),
          'xl/worksheets/sheet1.xml': strToU8(
            '<worksheet><sheetData><row r="1048576"><c r="XFD1048576"><v>1</v></c></row></sheetData></worksheet>',
          ),
        }),
      ),
    },
  ]
}

function pictures(): HostileFile[] {
  const pngOf = (width: number, height: number) => {
    const header = Buffer.alloc(33)
    Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex').copy(header)
    header.writeUInt32BE(width, 16)
    header.writeUInt32BE(height, 20)
    Buffer.from('0806000000', 'hex').copy(header, 24)
    return Buffer.concat([header, Buffer.from('0000000049454e44ae426082', 'hex')])
  }
  const tiff = Buffer.alloc(26)
  Buffer.from('49492a0008000000', 'hex').copy(tiff)
  tiff.writeUInt16LE(1, 8)
  tiff.writeUInt32LE(8, 22) // its next page is itself
  const svg = (inside: string) =>
    Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="400" ' +
        `height="400">${inside}</svg>`,
    )
  return [
    ...[
      [100_000, 100_000],
      [0, 0],
      [2 ** 31 - 1, 1],
      [1, 2 ** 31 - 1],
      [30_000, 30_000],
    ].map(([width = 0, height = 0], index) => ({ name: `enormous ${index}.png`, bytes: pngOf(width, height) })),
    { name: 'endless.tif', bytes: tiff },
    { name: 'empty head.tif', bytes: Buffer.from('49492a0000000000', 'hex') },
    { name: 'uses itself.svg', bytes: svg('<g id="a"><use xlink:href="#a"/></g>') },
    { name: 'reads files.svg', bytes: svg('<image xlink:href="file:///etc/passwd" width="9" height="9"/>') },
    {
      name: 'blurs.svg',
      bytes: svg(
        `<filter id="f">${'<feGaussianBlur stdDeviation="400"/>'.repeat(60)}</filter><rect width="400" ` +
          'height="400" filter="url(#f)"/>',
      ),
    },
    { name: 'broken.gif', bytes: Buffer.from('474946383961ffffffff800000', 'hex') },
    { name: 'broken.webp', bytes: Buffer.from('52494646ffffffff57454250565038', 'hex') },
    {
      name: 'broken.jpg',
      bytes: Buffer.from('ffd8ffe000104a46494600010100000100010000ffc0001108ffffffff03012200', 'hex'),
    },
  ]
}

/** One page whose content is given; more objects may be added and named as resources. */
function handmade(
  content: string,
  {
    resources = '',
    objects = [],
    box = '0 0 595 842',
  }: { resources?: string; objects?: readonly string[]; box?: string } = {},
): Buffer {
  const all = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    `<< /Type /Page /Parent 2 0 R /MediaBox [${box}] /Contents 4 0 R /Resources << ${resources} >> >>`,
    `<< /Length ${content.length} >>\nstream\n${content}\nendstream`,
    ...objects,
  ]
  let text = '%PDF-1.4\n'
  const offsets = all.map((object, index) => {
    const at = text.length
    text += `${index + 1} 0 obj\n${object}\nendobj\n`
    return at
  })
  const table = text.length
  return Buffer.from(
    `${text}xref\n0 ${all.length + 1}\n0000000000 65535 f ` +
      `\n${offsets.map(at => `${String(at).padStart(10, '0')} 00000 n \n`).join('')}trailer\n<< /Size ` +
      `${all.length + 1} /Root 1 0 R >>\nstartxref\n${table}\n%%EOF\n`,
    'latin1',
  )
}

function pdfs(): HostileFile[] {
  const image = (more: string, data = 'x') =>
    `<< /Type /XObject /Subtype /Image ${more} /Length ${data.length} >>\nstream\n${data}\nendstream`
  const form = (inside: string, resources: string) =>
    `<< /Type /XObject /Subtype /Form /BBox [0 0 100 100] /Resources << ${resources} >> /Length ` +
    `${inside.length} >>\nstream\n${inside}\nendstream`
  const pattern =
    '<< /Type /Pattern /PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 1 1] /XStep 0.0001 /YStep 0.0001 ' +
    '/Resources << >> /Length 12 >>\nstream\n0 0 1 1 re f\nendstream'
  const filters = [
    'DCTDecode',
    'JPXDecode',
    'JBIG2Decode',
    'CCITTFaxDecode',
    'FlateDecode',
    'LZWDecode',
    'RunLengthDecode',
    'ASCII85Decode',
    'ASCIIHexDecode',
    'Crypt',
  ]
  const fonts = ['Type1', 'TrueType', 'Type3', 'MMType1', 'Type0', 'CIDFontType2', 'NoSuchType']
  return [
    ...filters.map(filter => ({
      name: `picture by ${filter}.pdf`,
      bytes: handmade('/I Do', {
        resources: '/XObject << /I 5 0 R >>',
        objects: [
          image(
            `/Width 900 /Height 900 /ColorSpace /DeviceRGB /BitsPerComponent 8 /Filter /${filter}`,
            'garbage garbage garbage',
          ),
        ],
      }),
    })),
    ...fonts.map(type => ({
      name: `font ${type}.pdf`,
      bytes: handmade('BT /F 12 Tf (words) Tj ET', {
        resources: '/Font << /F 5 0 R >>',
        objects: [
          `<< /Type /Font /Subtype /${type} /BaseFont /Nowhere /FirstChar 0 /LastChar 255 /Widths [] ` +
            '/FontDescriptor 6 0 R /CharProcs << /a 5 0 R >> /DescendantFonts [5 0 R] /Encoding << ' +
            '/Differences [0 /a] >> /FontMatrix [0 0 0 0 0 0] >>',
          '<< /Type /FontDescriptor /FontFile2 4 0 R /Flags 4 >>',
        ],
      }),
    })),
    {
      name: 'enormous picture.pdf',
      bytes: handmade('/I Do', {
        resources: '/XObject << /I 5 0 R >>',
        objects: [image('/Width 60000 /Height 60000 /ColorSpace /DeviceGray /BitsPerComponent 8')],
      }),
    },
    { name: 'enormous page.pdf', bytes: handmade('0 0 9 9 re f', { box: '0 0 1e9 1e9' }) },
    { name: 'no page.pdf', bytes: handmade('', { box: '0 0 0 0' }) },
    { name: 'negative page.pdf', bytes: handmade('', { box: '100 100 -5 -5' }) },
    {
      name: 'form in itself.pdf',
      bytes: handmade('/F Do', {
        resources: '/XObject << /F 5 0 R >>',
        objects: [form('/F Do /F Do', '/XObject << /F 5 0 R >>')],
      }),
    },
    {
      name: 'tiny pattern.pdf',
      bytes: handmade('/Pattern cs /P scn 0 0 595 842 re f', {
        resources: '/Pattern << /P 5 0 R >>',
        objects: [pattern],
      }),
    },
    { name: 'many operators.pdf', bytes: handmade('0 0 1 1 re f 1 0 0 1 0.01 0 cm '.repeat(60_000)) },
    {
      name: 'pages in themselves.pdf',
      bytes: Buffer.from(
        handmade('').toString('latin1').replace('/Kids [3 0 R] /Count 1', '/Kids [2 0 R] /Count 9'),
        'latin1',
      ),
    },
    {
      name: 'many pages.pdf',
      bytes: Buffer.from(handmade('').toString('latin1').replace('/Count 1', '/Count 2000000'), 'latin1'),
    },
    {
      name: 'no catalogue.pdf',
      bytes: Buffer.from(handmade('').toString('latin1').replace('/Root 1 0 R', '/Root 9 0 R'), 'latin1'),
    },
    {
      name: 'wrong lengths.pdf',
      bytes: Buffer.from(
        handmade('BT (x) Tj ET')
          .toString('latin1')
          .replace(/\/Length \d+/, '/Length 99999999'),
        'latin1',
      ),
    },
    {
      name: 'table in itself.pdf',
      bytes: Buffer.from(
        handmade('')
          .toString('latin1')
          .replace(/startxref\n\d+/, 'startxref\n0'),
        'latin1',
      ),
    },
    {
      name: 'previous table.pdf',
      bytes: Buffer.from(handmade('').toString('latin1').replace('/Root', '/Prev 9 /Root'), 'latin1'),
    },
    {
      name: 'shading.pdf',
      bytes: handmade('/S sh', {
        resources:
          '/Shading << /S << /ShadingType 1 /ColorSpace /DeviceRGB /Function << /FunctionType 4 /Domain [0 1 0 ' +
          '1] /Range [0 1 0 1 0 1] >> >> >>',
      }),
    },
    { name: 'dashes.pdf', bytes: handmade('[0.0001] 0 d 0 0 m 595 842 l S '.repeat(50)) },
    { name: 'endless curve.pdf', bytes: handmade(`0 0 m ${'1e30 -1e30 5 5 -1e30 1e30 c '.repeat(3000)} S`) },
    {
      name: 'script.pdf',
      bytes: Buffer.from(
        handmade('')
          .toString('latin1')
          .replace('/Type /Catalog', '/Type /Catalog /OpenAction << /S /JavaScript /JS (while(1){}) >>'),
        'latin1',
      ),
    },
  ]
}

function protectedPdf(): Promise<Buffer> {
  return new Promise(resolve => {
    const parts: Buffer[] = []
    const document = new PDFDocument({ userPassword: 'tern quay' })
    document
      .on('data', (part: Buffer) => parts.push(part))
      .on('end', () => {
        resolve(Buffer.concat(parts))
      })
    document.text('sealed').end()
  })
}

async function protectedOnes(): Promise<HostileFile[]> {
  const compound = Buffer.concat([
    Buffer.from('d0cf11e0a1b11ae1', 'hex'),
    Buffer.alloc(1500),
    Buffer.from('EncryptedPackage', 'utf16le'),
    Buffer.alloc(500),
  ])
  const office = Buffer.from(
    zipSync({
      'content.xml': strToU8('sealed'),
      'META-INF/manifest.xml': strToU8(
        '<manifest:manifest><manifest:file-entry><manifest:encryption-data/></manifest:file-entry></manifest:manifest>',
      ),
    }),
  )
  const seal = (name: string, bytes: Buffer) => ({ name, bytes, isProtected: true })
  return [
    seal('sealed.pdf', await protectedPdf()),
    ...['docx', 'xlsx', 'pptx'].map(extension => seal(`sealed.${extension}`, compound)),
    ...['odt', 'ods', 'odp'].map(extension => seal(`sealed.${extension}`, office)),
  ]
}

function nothings(): HostileFile[] {
  return [...OTHER_NAMES, 'docx', 'html', 'md', 'csv', 'pptx'].flatMap(extension => [
    { name: `empty.${extension}`, bytes: Buffer.alloc(0) },
    { name: `nul.${extension}`, bytes: Buffer.alloc(100) },
  ])
}
