// Pages that hold nothing but a picture, as common programs write them: each is drawn, so that its text can be
// recognised.

import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import PDFDocument from 'pdfkit'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { outcomeOf } from './carryOut'
import type { Drawn, Outcome } from './outcome'
import { composePdf } from './scanPdf'

const folder = mkdtempSync(join(tmpdir(), 'hembix-producers-'))
afterAll(() => {
  rmSync(folder, { recursive: true, force: true })
})

const CHROMIUM = '/usr/bin/chromium'
const OFFICE = '/usr/bin/soffice'
let picture: Buffer

beforeAll(async () => {
  // A black disc on light grey, clipped by no page.
  picture = await sharp(
    Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="400"><rect width="400" height="400" ' +
        'fill="#ddd"/><circle cx="200" cy="200" r="150"/></svg>',
    ),
  )
    .png()
    .toBuffer()
})

function byPdfkit(): Promise<Buffer> {
  return new Promise(resolve => {
    const parts: Buffer[] = []
    const document = new PDFDocument({ size: 'A4' })
    document
      .on('data', (part: Buffer) => parts.push(part))
      .on('end', () => {
        resolve(Buffer.concat(parts))
      })
    document.save().roundedRect(60, 60, 440, 440, 12).clip().image(picture, 80, 80, { width: 400 }).restore().end()
  })
}

const page = () =>
  '<html><body style="margin:0"><div style="width:400px;height:400px;overflow:hidden;border-radius:10px"><img ' +
  `width="400" src="data:image/png;base64,${picture.toString('base64')}"></div></body></html>`

function byBrowser(): Buffer {
  writeFileSync(join(folder, 'page.html'), page())
  execFileSync(
    CHROMIUM,
    [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--no-pdf-header-footer',
      `--user-data-dir=${join(folder, 'browser')}`,
      `--print-to-pdf=${join(folder, 'browser.pdf')}`,
      `file://${join(folder, 'page.html')}`,
    ],
    { stdio: 'ignore' },
  )
  return readFileSync(join(folder, 'browser.pdf'))
}

/** OpenDocument as one XML file, with the picture in a frame. */
const flatDocument = () => `<?xml version="1.0" encoding="UTF-8"?>
<office:document xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"
  xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"
  xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0"
  xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0" office:version="1.3"
  office:mimetype="application/vnd.oasis.opendocument.text"><office:body><office:text><text:p><draw:frame
  text:anchor-type="as-char" svg:width="10cm" svg:height="10cm">
  <draw:image><office:binary-data>${picture.toString('base64')}</office:binary-data></draw:image></draw:frame></text:p>
  </office:text></office:body></office:document>`

function byOffice(): Buffer {
  writeFileSync(join(folder, 'office.fodt'), flatDocument())
  execFileSync(
    OFFICE,
    [
      `-env:UserInstallation=file://${join(folder, 'office')}`,
      '--headless',
      '--convert-to',
      'pdf',
      '--outdir',
      folder,
      join(folder, 'office.fodt'),
    ],
    { stdio: 'ignore' },
  )
  return readFileSync(join(folder, 'office.pdf'))
}

/** ISO 32000-1 by hand: one page, its picture drawn through a clip, an 8-bit grey image without compression. */
async function byHand(): Promise<Buffer> {
  const { data, info } = await sharp(picture).greyscale().raw().toBuffer({ resolveWithObject: true })
  const drawing = 'q 50 50 500 750 re W n 400 0 0 400 80 300 cm /Im0 Do Q'
  const objects = [
    Buffer.from('<< /Type /Catalog /Pages 2 0 R >>'),
    Buffer.from('<< /Type /Pages /Kids [3 0 R] /Count 1 >>'),
    Buffer.from(
      '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents 4 0 R /Resources << /XObject << /Im0 5 0 ' +
        'R >> >> >>',
    ),
    Buffer.from(`<< /Length ${drawing.length} >>\nstream\n${drawing}\nendstream`),
    Buffer.concat([
      Buffer.from(
        `<< /Type /XObject /Subtype /Image /Width ${info.width} /Height ${info.height} /ColorSpace ` +
          `/DeviceGray /BitsPerComponent 8 /Length ${data.length} >>\nstream\n`,
      ),
      data,
      Buffer.from('\nendstream'),
    ]),
  ]
  const parts = [Buffer.from('%PDF-1.4\n')]
  const offsets = objects.map((object, index) => {
    const offset = parts.reduce((sum, { length }) => sum + length, 0)
    parts.push(Buffer.from(`${index + 1} 0 obj\n`), object, Buffer.from('\nendobj\n'))
    return offset
  })
  const table = parts.reduce((sum, { length }) => sum + length, 0)
  parts.push(
    Buffer.from(
      `xref\n0 ${objects.length + 1}\n0000000000 65535 f ` +
        `\n${offsets.map(offset => `${String(offset).padStart(10, '0')} 00000 n \n`).join('')}trailer\n<< ` +
        `/Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${table}\n%%EOF\n`,
    ),
  )
  return Buffer.concat(parts)
}

/** The share of dark points among those that are drawn on. */
async function inkOf(png: Uint8Array): Promise<number> {
  const { data } = await sharp(png).greyscale().raw().toBuffer({ resolveWithObject: true })
  const drawn = data.filter(point => point < 0xf0)
  return drawn.filter(point => point < 0x40).length / drawn.length
}

const PRODUCERS: readonly (readonly [string, () => Promise<Buffer> | Buffer])[] = [
  ['a PDF package', byPdfkit],
  ['a browser that prints', byBrowser],
  ...(existsSync(OFFICE) ? [['an office program', byOffice] as const] : []),
  [
    'pictures bound together',
    () => composePdf([picture], [{ width: 400, height: 400, words: [] }], 'Bound', new Date(0)),
  ],
  ['one written by hand', byHand],
]

describe('a page without text', () => {
  it.each(PRODUCERS)(
    'by %s is recognised as a scan and drawn with its picture',
    async (_name, produce) => {
      const bytes = new Uint8Array(await produce())
      const read = (await outcomeOf({ kind: 'read', extension: 'pdf', recognised: [], bytes })) as Outcome
      expect(read.ok && read.scans).toEqual([1])
      const drawn = (await outcomeOf({ kind: 'draw', extension: 'pdf', page: 1, bytes })) as Drawn
      // A disc of radius 150 in a square of 400.
      expect(drawn.ok && Math.abs((await inkOf(drawn.picture)) - (Math.PI * 150 ** 2) / 400 ** 2) < 0.03).toBe(true)
    },
    60_000,
  )

  it.each(['one-grey-picture', 'picture-and-text'] as const)(
    'or with one, that once ended the server, costs nothing: %s',
    async name => {
      const sample = join('tests', 'support', 'samples', `${name}.pdf`)
      const drawn = (await outcomeOf({
        kind: 'draw',
        extension: 'pdf',
        page: 1,
        bytes: new Uint8Array(readFileSync(sample)),
      })) as Drawn
      expect(drawn.ok && drawn.picture.length > 1000).toBe(true)
    },
  )
})
