import { strToU8, zipSync } from 'fflate'
import iconv from 'iconv-lite'
import { describe, expect, it } from 'vitest'
import { setInFile } from '../../demo/files'
import type { Format, Paper } from '../../demo/papers'
import { Unreadable } from './outcome'
import { partsOf, readPlain } from './plain'
import { readHtml } from './html'
import { readOdt } from './odt'
import { readPdf } from './pdf'
import read from './worker'
import { unpack } from './zip'

const paper = (format: Format): Paper => ({ name: 'x', format, title: 'Title & more', date: new Date('2026-01-02T03:04:05Z'), paragraphs: ['First paragraph.', 'Second: ü, é, ñ.'], table: [] })
const bytesOf = async (format: Format) => new Uint8Array(await setInFile(paper(format)))

describe(readPlain, () => {
  it.each(['utf8', 'utf16-le', 'iso-8859-1', 'windows-1252'])('reads %s', (encoding) => {
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
    const text = readHtml(new TextEncoder().encode('<html><head><style>p{}</style><script>alert(1)</script></head><body><h1>Head</h1><p>Some <a href="https://elsewhere.example">words</a>&amp;</p></body></html>'))
    expect(text).toMatch(/Some words&/)
    expect(text).not.toMatch(/alert|elsewhere|p\{\}/)
  })
})

describe(readOdt, () => {
  it('keeps paragraphs apart and reads entities, tabs and runs of blanks', async () => {
    const names = 'xmlns:office="o" xmlns:text="t"'
    const content = `<office:document-content ${names}><office:body><office:text><text:p>One &amp; two<text:tab/>three<text:s/>four</text:p><text:p><text:span>Five</text:span> six</text:p></office:text></office:body></office:document-content>`
    expect(await readOdt(zipSync({ 'content.xml': strToU8(content) }))).toBe('One & two\tthree four\nFive six\n')
  })
})

describe(readPdf, () => {
  it('gives each page its text', async () => {
    expect((await readPdf(await bytesOf('pdf')))[0]).toMatch(/Title & more[\s\S]*Second: ü, é, ñ\./)
  })

  it('refuses what is none', async () => {
    await expect(readPdf(new TextEncoder().encode('hello'))).rejects.toThrow('It is named PDF but is not one')
  })
})

describe(unpack, () => {
  const zip = (size: number) => zipSync({ 'a.txt': new Uint8Array(size), 'b.txt': strToU8('b') }, { level: 9 })

  it('gives the wanted entries only', async () => {
    const entries = await unpack(zip(10), name => name === 'b.txt')
    expect([...entries].map(([name, bytes]) => [name, bytes.toString()])).toEqual([['b.txt', 'b']])
  })

  it('stops at the limit, counting also what is not wanted', async () => {
    await expect(unpack(zip(2_000_000), name => name === 'b.txt', 1_000_000)).rejects.toThrow('unpacks to more than 1 MB')
  })

  it('does not believe the sizes that are written in the container', async () => {
    const lying = Buffer.from(zip(2_000_000))
    const central = lying.indexOf(Buffer.from([0x50, 0x4b, 1, 2]))
    lying.writeUInt32LE(5, central + 24) // the uncompressed size
    await expect(unpack(lying, () => true, 1_000_000)).rejects.toThrow(Unreadable)
  })

  it('says that a damaged container is one', async () => {
    await expect(unpack(strToU8('PK not really'), () => true)).rejects.toThrow('not what its name says')
  })
})

describe(read, () => {
  it.each(['pdf', 'docx', 'odt', 'md', 'txt', 'html'] as const)('gives pages or parts of %s', async (format) => {
    const outcome = await read({ extension: format, bytes: await bytesOf(format) })
    expect(outcome.ok && [outcome.paged, outcome.pages.join(' ').includes('First paragraph.')]).toEqual([format === 'pdf', true])
  })

  it('names why it cannot, in a sentence', async () => {
    expect(await read({ extension: 'txt', bytes: new Uint8Array() })).toEqual({ ok: false, reason: 'It is empty: a file of zero bytes.' })
    expect(await read({ extension: 'exe', bytes: new Uint8Array(3) })).toEqual({ ok: false, reason: 'There is no reader for “exe”.' })
  })
})
