// Documents that go down and down: elements, archives, messages, quotes; and lines without an end.

import { strToU8, zipSync } from 'fflate'
import type { HostileFile } from './file'
import { handmade } from './handmadePdf'

export function nested(): HostileFile[] {
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
