// Small files that become enormous when they are unpacked.

import { strToU8, zipSync } from 'fflate'
import type { HostileFile } from './file'

export function swollen(): HostileFile[] {
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
