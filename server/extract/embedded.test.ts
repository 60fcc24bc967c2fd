import { readFileSync } from 'node:fs'
import CFB from 'cfb'
import { deflateSync, strToU8, zipSync, zlibSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { READERS } from './readers'
import { bodiesOf, wholeText } from '../../tests/support/partTexts'

const sample = (name: string) => readFileSync(new URL(`../../tests/support/samples/${name}`, import.meta.url))
const compound = (streams: Readonly<Record<string, Uint8Array>>) => {
  const file = CFB.utils.cfb_new()
  for (const [name, content] of Object.entries(streams)) CFB.utils.cfb_add(file, name, Buffer.from(content))
  return new Uint8Array(CFB.write(file, { type: 'buffer' }) as Buffer)
}
/** The streams of one compound file under a folder of another. */
const under = (folder: string, bytes: Uint8Array) => {
  const file = CFB.read(Buffer.from(bytes), { type: 'buffer' })
  return Object.fromEntries(
    file.FullPaths.flatMap((path, index) => {
      const content = file.FileIndex[index]?.content
      return path.endsWith('/') || !content
        ? []
        : [[`${folder}/${path.split('/').at(-1) ?? ''}`, content as Uint8Array]]
    }),
  )
}
const text = (words: string, more: Readonly<Record<string, Uint8Array>> = {}) =>
  zipSync({
    'word/document.xml': strToU8(`<w:document xmlns:w="w"><w:p><w:t>${words}</w:t></w:p></w:document>`),
    ...more,
  })

describe('documents within documents', () => {
  it('are parts of their own, however they are packed', async () => {
    const { pages: parts } = await READERS.docx(
      text('The letter', {
        'word/embeddings/one.docx': text('A letter within'),
        'word/embeddings/oleObject1.bin': compound({ '/Package': text('A packed letter') }),
        'word/embeddings/oleObject2.bin': new Uint8Array(sample('dues.xls')),
        'word/embeddings/oleObject3.bin': strToU8('a drawing'),
      }),
    )
    const pages = bodiesOf(parts)
    expect(parts[1]?.kind).toBe('embedded')
    expect(pages.slice(0, 3)).toEqual(['The letter', 'A letter within', 'A packed letter'])
    expect(pages.slice(3).join('\n')).toContain('Łucja Quay')
  })

  it('stand in a text as another that is named there, or in a drawing as pages', async () => {
    const { pages } = await READERS.docx(
      text('The lease', { 'word/afchunk1.docx': text('Its terms'), 'word/more.html': strToU8('<p>Its dues</p>') }),
    )
    expect(bodiesOf(pages)).toEqual(['The lease', 'Its terms', 'Its dues'])
    const drawing = await READERS.odg(
      zipSync({
        'content.xml': strToU8('<o:body xmlns:o="o" xmlns:d="d"><d:page><d:p>Quay</d:p></d:page></o:body>'),
        'Pictures/1000.pdf': sample('picture-and-text.pdf'),
      }),
    )
    expect(drawing.pages.map(({ kind }) => kind)).toEqual(['page', 'embedded'])
    expect(wholeText(drawing.pages)).toContain('Invoice of the boathouse')
  })

  it('are found in storages of older files', async () => {
    const letter = new Uint8Array(sample('letter.doc'))
    const { pages: parts } = await READERS.doc(
      compound({ ...under('', letter), ...under('/ObjectPool/_1', new Uint8Array(sample('dues.xls'))) }),
    )
    const pages = bodiesOf(parts)
    expect(pages[0]).toContain('The holder of berth B7')
    expect(pages.slice(1).join('\n')).toContain('Łucja Quay')
  })

  it('are found in the records of older slides, packed and damaged ones too', async () => {
    const record = (kind: number, content: Uint8Array, instance = 0) => {
      const head = Buffer.alloc(8)
      head.writeUInt16LE(instance << 4, 0)
      head.writeUInt16LE(kind, 2)
      head.writeUInt32LE(content.length, 4)
      return Buffer.concat([head, content])
    }
    const stream = Buffer.concat([
      record(4000, Buffer.from('Slide', 'utf16le')),
      record(0x1011, Buffer.concat([Buffer.alloc(4), zlibSync(new Uint8Array(sample('letter.doc')))]), 1),
      record(0x1011, Buffer.concat([Buffer.alloc(4), deflateSync(strToU8('no storage'))]), 1),
    ])
    const { pages: parts } = await READERS.ppt(compound({ '/PowerPoint Document': stream }))
    expect(wholeText(parts)).toContain('The holder of berth B7')
  })
})
