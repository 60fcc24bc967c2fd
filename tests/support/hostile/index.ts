// Documents that are broken or mean harm, made from sound ones and by hand: cut, flipped, wrongly named, nested,
// swollen, endless, encrypted. The same for the same seed.

import { strToU8, zipSync } from 'fflate'
import PDFDocument from 'pdfkit'
import sharp from 'sharp'
import { renderFile } from '../../../demo/files'
import type { Format, Paper } from '../../../demo/papers'
import type { Random } from '../../../demo/random'
import { seeded } from '../../../demo/random'
import type { HostileFile } from './file'
import { nested } from './nested'
import { pdfs } from './pdfs'
import { pictures } from './pictures'
import { swollen } from './swollen'

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
