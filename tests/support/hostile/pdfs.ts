// PDFs that are wrong where readers trust them: pictures, fonts, forms and patterns; the tree of pages and the table
// of objects; operators without an end.

import type { HostileFile } from './file'
import { handmade } from './handmadePdf'

const image = (more: string, data = 'x') =>
  `<< /Type /XObject /Subtype /Image ${more} /Length ${data.length} >>\nstream\n${data}\nendstream`
const form = (inside: string, resources: string) =>
  `<< /Type /XObject /Subtype /Form /BBox [0 0 100 100] /Resources << ${resources} >> /Length ` +
  `${inside.length} >>\nstream\n${inside}\nendstream`
const pattern =
  '<< /Type /Pattern /PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 1 1] /XStep 0.0001 /YStep 0.0001 ' +
  '/Resources << >> /Length 12 >>\nstream\n0 0 1 1 re f\nendstream'

const FILTERS = [
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
const FONTS = ['Type1', 'TrueType', 'Type3', 'MMType1', 'Type0', 'CIDFontType2', 'NoSuchType']

/** Another byte or two, where the file says how it is put together. */
const changed = (from: string | RegExp, to: string, content = ''): Buffer =>
  Buffer.from(handmade(content).toString('latin1').replace(from, to), 'latin1')

function resources(): HostileFile[] {
  return [
    ...FILTERS.map(filter => ({
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
    ...FONTS.map(type => ({
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
      name: 'shading.pdf',
      bytes: handmade('/S sh', {
        resources:
          '/Shading << /S << /ShadingType 1 /ColorSpace /DeviceRGB /Function << /FunctionType 4 /Domain [0 1 0 ' +
          '1] /Range [0 1 0 1 0 1] >> >> >>',
      }),
    },
  ]
}

function drawn(): HostileFile[] {
  return [
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
    { name: 'dashes.pdf', bytes: handmade('[0.0001] 0 d 0 0 m 595 842 l S '.repeat(50)) },
    { name: 'endless curve.pdf', bytes: handmade(`0 0 m ${'1e30 -1e30 5 5 -1e30 1e30 c '.repeat(3000)} S`) },
  ]
}

function structure(): HostileFile[] {
  return [
    { name: 'pages in themselves.pdf', bytes: changed('/Kids [3 0 R] /Count 1', '/Kids [2 0 R] /Count 9') },
    { name: 'many pages.pdf', bytes: changed('/Count 1', '/Count 2000000') },
    { name: 'no catalogue.pdf', bytes: changed('/Root 1 0 R', '/Root 9 0 R') },
    { name: 'wrong lengths.pdf', bytes: changed(/\/Length \d+/, '/Length 99999999', 'BT (x) Tj ET') },
    { name: 'table in itself.pdf', bytes: changed(/startxref\n\d+/, 'startxref\n0') },
    { name: 'previous table.pdf', bytes: changed('/Root', '/Prev 9 /Root') },
    {
      name: 'script.pdf',
      bytes: changed('/Type /Catalog', '/Type /Catalog /OpenAction << /S /JavaScript /JS (while(1){}) >>'),
    },
  ]
}

export const pdfs = (): HostileFile[] => [...resources(), ...drawn(), ...structure()]
