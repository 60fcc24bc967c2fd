// Sets a paper in a file format. The bytes depend on the paper only, as far as the packages allow.

import { createCanvas } from '@napi-rs/canvas'
import { Document, HeadingLevel, Packer, Paragraph, Table, TableCell, TableRow } from 'docx'
import ExcelJS from 'exceljs'
import { strToU8, zipSync } from 'fflate'
import PDFDocument from 'pdfkit'
import type { Format, Paper } from './papers'

export function renderFile(paper: Paper): Promise<Buffer> {
  const settings: Record<Format, (paper: Paper) => Promise<Buffer> | Buffer> = {
    pdf,
    docx,
    odt,
    xlsx,
    csv,
    md,
    txt,
    html,
    png,
  }
  return Promise.resolve(settings[paper.format](paper))
}

function pdf(paper: Paper): Promise<Buffer> {
  const document = new PDFDocument({
    size: 'A4',
    margin: 64,
    info: { Title: paper.title, CreationDate: paper.date, ModDate: paper.date },
  })
  const parts: Buffer[] = []
  return new Promise((resolve, reject) => {
    document.on('data', (part: Buffer) => parts.push(part))
    document.on('end', () => resolve(Buffer.concat(parts)))
    document.on('error', reject)
    document.font('Times-Bold').fontSize(19).text(paper.title)
    document.font('Times-Roman').fontSize(11.5).moveDown(0.8)
    for (const paragraph of paper.paragraphs) document.text(paragraph, { lineGap: 2.5 }).moveDown(0.7)
    for (const row of paper.table) document.text(row.join('   '), { lineGap: 2 })
    document.end()
  })
}

async function docx(paper: Paper): Promise<Buffer> {
  const rows = paper.table.map(
    row => new TableRow({ children: row.map(cell => new TableCell({ children: [new Paragraph(cell)] })) }),
  )
  const document = new Document({
    title: paper.title,
    creator: 'Quay office',
    sections: [
      {
        children: [
          new Paragraph({ text: paper.title, heading: HeadingLevel.HEADING_1 }),
          ...paper.paragraphs.map(text => new Paragraph({ text, spacing: { after: 160 } })),
          ...(rows.length > 0 ? [new Table({ rows })] : []),
        ],
      },
    ],
  })
  return Packer.toBuffer(document)
}

/** OpenDocument text (ISO/IEC 26300): the media type first and unpacked, then content and manifest. */
function odt(paper: Paper): Buffer {
  const names =
    'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" ' +
    'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"'
  const body = [
    `<text:h text:outline-level="1">${escapeXml(paper.title)}</text:h>`,
    ...[...paper.paragraphs, ...paper.table.map(row => row.join('\t'))].map(
      text => `<text:p>${escapeXml(text)}</text:p>`,
    ),
  ].join('')
  const content =
    `<?xml version="1.0" encoding="UTF-8"?><office:document-content ${names} ` +
    `office:version="1.3"><office:body><office:text>${body}</office:text></office:body></office:document-content>`
  const type = 'application/vnd.oasis.opendocument.text'
  const manifest =
    '<?xml version="1.0" encoding="UTF-8"?><manifest:manifest ' +
    'xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" ' +
    'manifest:version="1.3"><manifest:file-entry manifest:full-path="/" ' +
    `manifest:media-type="${type}"/><manifest:file-entry manifest:full-path="content.xml" ` +
    'manifest:media-type="text/xml"/></manifest:manifest>'
  return Buffer.from(
    zipSync(
      {
        mimetype: [strToU8(type), { level: 0 }],
        'content.xml': strToU8(content),
        'META-INF/manifest.xml': strToU8(manifest),
      },
      { mtime: paper.date },
    ),
  )
}

async function xlsx(paper: Paper): Promise<Buffer> {
  const book = new ExcelJS.Workbook()
  book.created = paper.date
  book.modified = paper.date
  const sheet = book.addWorksheet(paper.title.slice(0, 31))
  for (const row of paper.table) sheet.addRow(row.map(cell => (/^\d+(\.\d+)?$/.test(cell) ? Number(cell) : cell)))
  return Buffer.from(await book.xlsx.writeBuffer())
}

/** RFC 4180. */
function csv(paper: Paper): Buffer {
  return Buffer.from(
    paper.table
      .map(row => row.map(cell => (/[",\r\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join(','))
      .join('\r\n'),
  )
}

function md(paper: Paper): Buffer {
  const [head, ...rows] = paper.table
  const table = head
    ? [
        `| ${head.join(' | ')} |`,
        `|${head.map(() => ' --- ').join('|')}|`,
        ...rows.map(row => `| ${row.join(' | ')} |`),
      ].join('\n')
    : ''
  return Buffer.from([`# ${paper.title}`, ...paper.paragraphs, ...(table === '' ? [] : [table])].join('\n\n') + '\n')
}

function txt(paper: Paper): Buffer {
  return Buffer.from(
    [
      paper.title,
      '',
      ...paper.paragraphs.flatMap(paragraph => [paragraph, '']),
      ...paper.table.map(row => row.join('\t')),
    ].join('\n'),
  )
}

function html(paper: Paper): Buffer {
  const lines = paper.table.map(row => `<tr>${row.map(cell => `<td>${escapeXml(cell)}</td>`).join('')}</tr>`)
  const table = lines.length > 0 ? `<table>${lines.join('')}</table>` : ''
  const title = escapeXml(paper.title)
  const paragraphs = paper.paragraphs.map(text => `<p>${escapeXml(text)}</p>`).join('')
  return Buffer.from(
    `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${title}</title></head>` +
      `<body><h1>${title}</h1>${paragraphs}${table}</body></html>`,
  )
}

/** A page as a scanner would give it: a little grey and a little turned. */
function png(paper: Paper): Buffer {
  const [width, height, margin] = [900, 1200, 90]
  const canvas = createCanvas(width, height)
  const pen = canvas.getContext('2d')
  pen.fillStyle = '#E6E3DC'
  pen.fillRect(0, 0, width, height)
  pen.translate(width / 2, height / 2)
  pen.rotate(((paper.title.length % 5) - 2) * 0.004)
  pen.translate(-width / 2, -height / 2)
  pen.fillStyle = '#F6F4EF'
  pen.fillRect(24, 24, width - 48, height - 48)
  pen.fillStyle = '#2B2B2B'
  pen.font = 'bold 34px serif'
  let y = margin + 30
  pen.fillText(paper.title, margin, y)
  pen.font = '25px serif'
  y += 24
  for (const paragraph of paper.paragraphs) {
    y += 20
    let line = ''
    for (const word of paragraph.split(' ')) {
      if (pen.measureText(`${line} ${word}`).width > width - 2 * margin) {
        pen.fillText(line, margin, (y += 36))
        line = word
      } else line = line === '' ? word : `${line} ${word}`
    }
    pen.fillText(line, margin, (y += 36))
    if (y > height - 120) break
  }
  return canvas.toBuffer('image/png')
}

function escapeXml(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
}
