// What office documents hold beside their body: it is read with them, and what was struck is not.

import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { readDocx } from './docx'
import { readHtml } from './html'
import { readMbox } from './mbox'
import { readOdp, readOds, readOdt } from './openDocument'
import { readOpml } from './opml'
import { readPptx } from './pptx'
import { readRtf } from './rtf'
import { readXlsx } from './xlsx'
import { bodiesOf, namedTexts, wholeText } from '../../tests/support/partTexts'

const zip = (parts: Readonly<Record<string, string>>) =>
  zipSync(Object.fromEntries(Object.entries(parts).map(([name, text]) => [name, strToU8(text)])))
const REL = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships'
const relations = (...all: readonly (readonly [id: string, type: string, target: string])[]) =>
  `<Relationships>${all
    .map(([id, type, target]) => `<Relationship Id="${id}" Type="${REL}/${type}" Target="${target}"/>`)
    .join('')}</Relationships>`

describe(readDocx, () => {
  it('reads text boxes, charts, notes, comments and headers, and nothing that was struck', async () => {
    const parts = await readDocx(
      zip({
        '_rels/.rels': relations(['r1', 'officeDocument', 'word/document.xml']),
        'word/_rels/document.xml.rels': relations(
          ['r1', 'footnotes', 'footnotes.xml'],
          ['r2', 'comments', 'comments.xml'],
          ['r3', 'header', 'header1.xml'],
          ['r4', 'chart', 'charts/chart1.xml'],
        ),
        'word/document.xml': `<w:document xmlns:w="w" xmlns:wp="wp" xmlns:mc="mc" xmlns:m="m"><w:body>
          <w:p><w:pPr><w:tabs><w:tab/></w:tabs></w:pPr><w:r><w:t>Berth</w:t><w:tab/><w:t
          xml:space="preserve">B7 </w:t></w:r>
          <w:del><w:r><w:delText>struck</w:delText></w:r></w:del><w:ins><w:r><w:t>added</w:t></w:r></w:ins></w:p>
          <mc:AlternateContent><mc:Choice>
          <w:txbxContent><w:p><w:r><w:t>Boxed</w:t></w:r></w:p></w:txbxContent></mc:Choice>
          <mc:Fallback><w:p><w:r><w:t>Boxed</w:t></w:r></w:p></mc:Fallback></mc:AlternateContent>
          <w:p><w:r><wp:docPr descr="A plan of the quay"/></w:r><m:oMath><m:r><m:t>x+1</m:t></m:r></m:oMath></w:p>
          <w:p><w:r><w:instrText>DATE</w:instrText></w:r></w:p></w:body></w:document>`,
        'word/footnotes.xml': '<w:footnotes xmlns:w="w"><w:p><w:r><w:t>See the lease</w:t></w:r></w:p></w:footnotes>',
        'word/comments.xml': '<w:comments xmlns:w="w"><w:p><w:r><w:t>Too dear</w:t></w:r></w:p></w:comments>',
        'word/header1.xml': '<w:hdr xmlns:w="w"><w:p><w:r><w:t>Harbour office</w:t></w:r></w:p></w:hdr>',
        'word/charts/chart1.xml':
          '<c:chart xmlns:c="c" xmlns:a="a"><c:title><a:p><a:r><a:t>Dues by year</a:t></a:r></a:p></c:title>' +
          '<c:cat><c:pt><c:v>Spring</c:v></c:pt></c:cat><c:val><c:pt><c:v>17</c:v></c:pt></c:val></c:chart>',
      }),
    )
    const text = wholeText(parts)
    expect(namedTexts(parts).slice(1, 3)).toEqual(['footnotes: See the lease', 'comments: Too dear'])
    for (const words of ['Berth\tB7 added', 'Boxed', 'A plan of the quay', 'x+1', 'See the lease', 'Too dear'])
      expect(text).toContain(words)
    expect(text).toMatch(/Harbour office[\s\S]*Dues by year[\s\S]*Spring/)
    expect(text).not.toMatch(/struck|DATE|17/)
    expect(text.match(/Boxed/g)).toHaveLength(1)
  })

  it('reads as far as a damaged part goes', async () => {
    const text = await readDocx(
      zip({ 'word/document.xml': '<w:document xmlns:w="w"><w:p><w:r><w:t>Before</w:t></w:r></w:p><w:p><w:r' }),
    )
    expect(bodiesOf(text)).toEqual(['Before'])
  })
})

describe(readXlsx, () => {
  it('gives sheets in their order with cells as they are shown, comments, and phonetic signs left out', async () => {
    const sheets = await readXlsx(
      zip({
        '_rels/.rels': relations(['r1', 'officeDocument', 'xl/workbook.xml']),
        'xl/_rels/workbook.xml.rels': relations(
          ['s2', 'worksheet', 'worksheets/sheet1.xml'],
          ['s1', 'worksheet', '/xl/worksheets/sheet2.xml'],
          ['t', 'sharedStrings', 'sharedStrings.xml'],
          ['f', 'styles', 'styles.xml'],
        ),
        'xl/workbook.xml':
          '<workbook xmlns:r="r"><sheets><sheet name="Budget" r:id="s1"/><sheet name="Hidden" state="hidden" ' +
          'r:id="s2"/></sheets></workbook>',
        'xl/sharedStrings.xml':
          '<sst><si><t>Quay</t></si><si><r><t>Nor</t></r><r><t>th</t></r><rPh><t>ノース</t></rPh></si></sst>',
        'xl/styles.xml':
          '<styleSheet><numFmts><numFmt numFmtId="170" ' +
          'formatCode="yyyy\\-mm\\-dd"/></numFmts><cellStyleXfs><xf/></cellStyleXfs>' +
          '<cellXfs><xf numFmtId="0"/><xf numFmtId="170"/><xf numFmtId="10"/></cellXfs></styleSheet>',
        'xl/worksheets/sheet1.xml':
          '<worksheet><sheetData><row><c t="inlineStr"><is><t>In place</t></is></c></row></sheetData></worksheet>',
        'xl/worksheets/sheet2.xml':
          '<worksheet><sheetData><row><c t="s"><v>0</v></c><c t="s"><v>1</v></c></row>' +
          '<row><c s="1"><v>45000</v></c><c s="2"><f>1/4</f><v>0.25</v></c><c t="b"><v>1</v></c><c ' +
          't="str"><f>A</f><v>Sum</v></c></row></sheetData></worksheet>',
        'xl/worksheets/_rels/sheet2.xml.rels': relations(['c', 'comments', '../comments1.xml']),
        'xl/comments1.xml': '<comments><text><r><t>Ask Łucja</t></r></text></comments>',
      }),
    )
    expect(namedTexts(sheets)).toEqual([
      'sheet Budget: Budget\nQuay\tNorth\n2023-03-15\t25.00%\tTRUE\tSum\n\nAsk Łucja',
      'sheet Hidden: Hidden\nIn place',
    ])
  })
})

describe(readPptx, () => {
  it('gives slides in the order they are shown in, with notes and what their layout says itself', async () => {
    const slide = (text: string) => `<p:sld xmlns:p="p" xmlns:a="a"><a:p><a:r><a:t>${text}</a:t></a:r></a:p></p:sld>`
    const slides = await readPptx(
      zip({
        '_rels/.rels': relations(['r1', 'officeDocument', 'ppt/presentation.xml']),
        'ppt/presentation.xml':
          '<p:presentation xmlns:p="p" xmlns:r="r"><p:sldIdLst><p:sldId id="257" r:id="b"/><p:sldId id="256" ' +
          'r:id="a"/></p:sldIdLst></p:presentation>',
        'ppt/_rels/presentation.xml.rels': relations(
          ['a', 'slide', 'slides/slide1.xml'],
          ['b', 'slide', 'slides/slide2.xml'],
        ),
        'ppt/slides/slide1.xml': slide('Shown second'),
        'ppt/slides/slide2.xml': slide('Shown first'),
        'ppt/slides/_rels/slide2.xml.rels': relations(['n', 'notesSlide', '../notesSlides/notesSlide1.xml']),
        'ppt/notesSlides/notesSlide1.xml': slide('Say hello'),
        'ppt/slides/_rels/slide1.xml.rels': relations(['l', 'slideLayout', '../slideLayouts/slideLayout1.xml']),
        'ppt/slideLayouts/slideLayout1.xml':
          '<p:sldLayout xmlns:p="p" xmlns:a="a"><p:sp><p:nvPr><p:ph/></p:nvPr><a:p><a:t>Click to ' +
          'edit</a:t></a:p></p:sp><p:sp><a:p><a:t>Harbour</a:t><a:t> board</a:t></a:p></p:sp></p:sldLayout>',
      }),
    )
    expect(namedTexts(slides)).toEqual([
      'slide 1: Shown first',
      'notes 1: Say hello',
      'slide 2: Shown second\nHarbour board',
    ])
  })
})

const office = (body: string, more = '') =>
  '<office:document-content xmlns:office="o" xmlns:text="t" xmlns:draw="d" xmlns:svg="s" xmlns:table="b" ' +
  `xmlns:style="y" xmlns:form="f" xmlns:presentation="p">${more}` +
  `<office:body>${body}</office:body></office:document-content>`

describe(readOdt, () => {
  it('tells notes at the foot of a page from those at the end', async () => {
    const note = (attributes: string, text: string) =>
      `<text:note${attributes}><text:note-citation>i</text:note-citation><text:note-body><text:p>${text}</text:p>` +
      '</text:note-body></text:note>'
    const foot = `${note(' text:id="a" text:note-class="footnote"', 'See the lease')}`
    const end = `${note(' text:note-class="endnote" text:id="b"', 'Minutes of 3 May')}${note('', 'See the chart')}`
    const parts = await readOdt(zip({ 'content.xml': office(`<text:p>paid${foot} at once${end}, and so on</text:p>`) }))
    expect(namedTexts(parts)).toEqual([
      'paid at once, and so on',
      'footnotes: See the lease\nSee the chart',
      'endnotes: Minutes of 3 May',
    ])
  })

  it('reads frames, notes, headers, charts beside it, however deep, and nothing that was struck', async () => {
    const deep = `${'<draw:g>'.repeat(5000)}<text:p>At the bottom</text:p>${'</draw:g>'.repeat(5000)}`
    const parts = await readOdt(
      zip({
        'content.xml': office(
          `<text:tracked-changes><text:p>struck</text:p></text:tracked-changes><text:h>Lease</text:h>
           <text:p>B<text:s text:c="2"/>7<text:tab/>x <draw:frame><draw:text-box><text:p>Boxed</text:p></draw:text-box
           ><svg:desc>A quay</svg:desc></draw:frame></text:p>
           <text:p>On <text:date>4 March</text:date></text:p>
           <text:p>paid<text:note><text:note-citation>1</text:note-citation><text:note-body
           ><text:p>See the lease</text:p></text:note-body></text:note> at once<office:annotation
           ><text:p>Too dear</text:p></office:annotation></text:p>${deep}`,
        ),
        'styles.xml': office('', '<style:header><text:p>Harbour <text:span>office</text:span></text:p></style:header>'),
        'Object 1/content.xml': office('<text:p>Dues by year</text:p>'),
      }),
    )
    const text = wholeText(parts)
    expect(namedTexts(parts).slice(1, 3)).toEqual(['footnotes: See the lease', 'comments: Too dear'])
    expect(text).toContain('paid at once')
    for (const words of [
      'Lease',
      'B  7\tx',
      'Boxed',
      'A quay',
      '4 March',
      'At the bottom',
      'Harbour office',
      'Dues by year',
    ])
      expect(text).toContain(words)
    expect(text).not.toContain('struck')
  })

  it('is read from one flat file as well', async () => {
    const flat = `<?xml version="1.0"?>${office('<text:p>Flat</text:p>').replaceAll('document-content', 'document')}`
    expect(bodiesOf(await readOdt(Buffer.from(flat)))).toEqual(['Flat'])
    await expect(readOdt(Buffer.from('<a/>'))).rejects.toThrow('holds no such document')
  })
})

describe(readOds, () => {
  it('gives each sheet with its name, tables within tables with it', async () => {
    const cell = (text: string) => `<table:table-cell><text:p>${text}</text:p></table:table-cell>`
    const sheets = await readOds(
      zip({
        'content.xml': office(
          `<table:table table:name="Dues &amp; fees">
             <table:table-row>${cell('Quay')}${cell('North')}</table:table-row></table:table>
           <table:table table:name="Two"><table:table-row>${cell('x')}</table:table-row></table:table>`,
        ),
      }),
    )
    expect(namedTexts(sheets)).toEqual(['sheet Dues & fees: Dues & fees\nQuay\tNorth', 'sheet Two: Two\nx'])
  })
})

describe(readOdp, () => {
  it('gives each slide', async () => {
    const slides = await readOdp(
      zip({
        'content.xml': office(
          '<draw:page><text:p>One</text:p></draw:page>' +
            '<draw:page><text:p>Two</text:p><presentation:notes><text:p>Ask the ' +
            'board</text:p></presentation:notes></draw:page>',
        ),
      }),
    )
    expect(namedTexts(slides)).toEqual(['slide 1: One', 'slide 2: Two', 'notes 2: Ask the board'])
  })

  it('reads what stands on the parts of forms, and declared footers', async () => {
    const slides = await readOdp(
      zip({
        'content.xml': office(
          '<presentation:footer-decl>Harbour board</presentation:footer-decl><draw:page>' +
            '<form:form><form:button form:label="Send"/><form:text form:current-value="Lucja Quay"/></form:form>' +
            '<text:p>One</text:p></draw:page>',
        ),
      }),
    )
    expect(namedTexts(slides)).toEqual(['slide 1: Send\nLucja Quay\nOne', 'header: Harbour board'])
  })
})

describe(readRtf, () => {
  it('reads each font in its code page, letters of two bytes, text boxes and notes', () => {
    const text = readRtf(
      Buffer.from(
        '{\\rtf1\\ansi\\ansicpg1252{\\fonttbl{\\f0\\fcharset0 A;}{\\f1\\fcharset204 B;}{\\f2\\fcharset134 C;}}' +
          "\\f0 Gr\\'fc\\'dfe \\f1\\'c4\\'e0 \\f2\\'b8\\'db\\'bf\\'da \\f0 \\u321?\\'f3d\\u378?\\par" +
          '{\\*\\shpinst{\\sp{\\sn x}{\\sv y}}{\\shptxt Boxed\\par}}{\\footnote See the lease}{\\*\\unknown hidden}}',
        'latin1',
      ),
    )
    expect(text).toContain('Grüße Да 港口 Łódź')
    expect(text).toContain('Boxed')
    expect(text).toContain('See the lease')
    expect(text).not.toMatch(/hidden|\bx\b|\by\b/)
  })
})

describe(readMbox, () => {
  it('gives each message, and takes a line that only looks like a beginning for none', async () => {
    const mbox =
      `From a@b Mon Mar  2 10:00:00 2026\nSubject: First\nFrom: Ada <a@b.example>\n\nHello\n>From ` +
      `the quay\n\nFrom c@d Tue Mar  3 10:00:00 2026\nSubject: =?utf-8?q?Gr=C3=BC=C3=9Fe?=\n\nRope\n`
    const messages = await readMbox(Buffer.from(mbox))
    expect(messages.map(({ kind, name, body }) => [kind, name, body.split('\n')[0]])).toEqual([
      ['message', 'First', 'First'],
      ['message', 'Grüße', 'Grüße'],
    ])
    expect(messages[0]?.body).toContain('From the quay')
    await expect(readMbox(Buffer.from('no message'))).rejects.toThrow('holds no message')
  })
})

describe(readOpml, () => {
  it('gives its lines, indented, with notes and addresses', () => {
    expect(
      readOpml(
        Buffer.from(
          '<opml version="2.0"><head><title>Plan</title></head><body><outline text="Office" ' +
            '_note="Paper"><outline text="Leases" url="https://a.example"/></outline></body></opml>',
        ),
      ),
    ).toBe('Plan\nOffice Paper\n\tLeases https://a.example')
    expect(() => readOpml(Buffer.from('<x/>'))).toThrow('holds no outline')
  })
})

describe(readHtml, () => {
  it('gives what a page shows, with its title, description and alternative texts', () => {
    const text = readHtml(
      Buffer.from(
        `<html><head><title>Quays &amp; dues</title><meta content='Who pays what' name="description">
         <style>p{}</style></head><body><script>hidden()</script><h1>Dues</h1>
         <p>See <a href="x">the list</a> <img alt="A plan of the quay" src="p.png"></p>
         <table><tr><td>North</td><td>17</td></tr></table></body></html>`,
      ),
    )
    expect(text.startsWith('Quays & dues\nWho pays what\n')).toBe(true)
    for (const words of ['the list', 'A plan of the quay', 'North', '17']) expect(text).toContain(words)
    expect(text).not.toMatch(/hidden|p\.png|\{\}/)
  })
})
