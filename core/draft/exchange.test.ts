import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import { readCsv, readOpml, writeCsv, writeOpml } from '../formats/index'
import type { FolderId } from '../ids'
import type { BaseFolder, DraftLine } from './index'
import {
  countUp,
  escapeName,
  folderOfPath,
  growDraft,
  linesOf,
  linesOfFile,
  linesOfNodes,
  linesOfPaths,
  markdownOf,
  nextPeriod,
  nodesOfLines,
  outlineText,
  readOutline,
  rebaseDraft,
  SKELETONS,
  writeLine,
} from './index'

const random = seeded(12)
const scrap = () =>
  Array.from({ length: random.int(1, 5) }, () =>
    random.pick(['&', '<b>', '"', "'", 'é', '1.', '12', '#', '[x]', '{', '--', 'Leases', ']]>', '日本', '\\', '2026']),
  ).join(' ')

function randomLines(): DraftLine[] {
  let above = -1
  return Array.from({ length: random.int(1, 30) }, () => {
    const depth = (above = random.int(0, above + 1))
    const kind = random.int(0, 3)
    return {
      folderId: null,
      depth,
      text: writeLine({
        name: escapeName(scrap()),
        number: kind === 1 ? random.int(0, 900) : null,
        label: kind === 2 ? 'Q1' : null,
        numbered: kind !== 3,
        meaning: random.next() < 0.3 ? scrap() : null,
        purpose: random.next() < 0.3 ? scrap() : '',
      }),
    }
  })
}

describe('OPML', () => {
  it('round trips names, order, numbers, meanings and purposes', () => {
    for (let round = 0; round < 300; round++) {
      const lines = randomLines()
      const nodes = readOpml(writeOpml('A <plan> & more', nodesOfLines(lines)))
      expect(nodes && outlineText(linesOfNodes(nodes))).toBe(outlineText(lines))
    }
  })

  it.each([
    ['no XML', 'just words'],
    ['another format', '<html><body/></html>'],
    ['a broken one', '<opml><body><outline text="a"></body></opml>'],
    ['an entity that is not declared', '<opml><body><outline text="&bomb;"/></body></opml>'],
  ])('refuses %s with a sentence', (_, text) =>
    expect(linesOfFile('x.opml', text)).toEqual({
      ok: false,
      why: expect.stringContaining('not a sound OPML') as string,
    }),
  )

  it('does not resolve declared entities', () => {
    const bomb =
      '<!DOCTYPE opml [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;">]><opml version="2.0"><body><outline ' +
      'text="&b;"/></body></opml>'
    expect(linesOfFile('x.opml', bomb).ok).toBe(false)
  })

  it('bears 10,000 levels', () => {
    const levels = '<outline text="a">'.repeat(10_000) + '</outline>'.repeat(10_000)
    const text = `\uFEFF<opml version="2.0"><body>${levels}</body></opml>`
    expect(readOpml(text)).toHaveLength(10_000)
  })
})

describe('Markdown and text', () => {
  it('round trip as lists', () => {
    for (let round = 0; round < 300; round++) {
      const lines = randomLines()
      expect(outlineText(readOutline(markdownOf(lines)))).toBe(outlineText(lines))
    }
  })
})

describe('CSV', () => {
  it('round trips fields with every sign', () => {
    const rows = Array.from({ length: 40 }, () =>
      Array.from({ length: 4 }, () => random.pick(['a', 'b,c', 'd"e', 'f\ng', ' h ', 'é', ''])),
    )
    const filled = rows.filter(row => row.some(value => value.trim() !== ''))
    expect(readCsv(writeCsv(filled))).toEqual(filled)
  })

  it('keeps a text from being taken for a formula, and gives it back when it is read', () => {
    expect(
      writeCsv([
        ['=SUM(A1)', 3, -3],
        ['+1', '-1', '@x'],
      ]),
    ).toBe(`"'=SUM(A1)",3,-3\r\n"'+1","'-1","'@x"\r\n`)
    expect(readCsv("'=SUM(A1),'-1,'tis")).toEqual([['=SUM(A1)', '-1', "'tis"]])
  })

  const linesOfText = (name: string, text: string) => {
    const read = linesOfFile(name, text)
    return read.ok ? read.lines.map(line => '>'.repeat(line.depth) + line.text) : read.why
  }

  it.each([
    [
      'paths',
      'x.csv',
      'Path,Meaning,Purpose\nOffice,Urgent,why\nOffice/Leases,,\nClass/Units/One,,',
      ['Office [Urgent] -- why', '>Leases', 'Class', '>Units', '>>One'],
    ],
    ['codes', 'x.csv', 'code,name\n1,Office\n1.1,Leases\n2,Class', ['#1 Office', '>#1 Leases', '#2 Class']],
    ['levels', 'x.tsv', 'level\tname\n1\tOffice\n2\tLeases', ['Office', '>Leases']],
    ['columns as levels', 'x.csv', 'Office,Leases\nOffice,Dues\nClass,', ['Office', '>Leases', '>Dues', 'Class']],
    ['semicolons', 'x.csv', 'code;name\r\n1;"Office; more"', ['#1 Office; more']],
  ])('reads %s', (_, name, text, lines) => expect(linesOfText(name, text)).toEqual(lines))

  it('says when there is nothing in it', () =>
    expect(linesOfText('x.csv', '\n')).toBe('There is no folder in “x.csv”.'))
})

describe(linesOfPaths, () => {
  it('makes each folder once, in natural order', () => {
    const lines = linesOfPaths([
      'Photos/Week 10/a.jpg',
      'Photos/Week 2/b.jpg',
      'Photos/c.jpg',
      'loose.txt',
      'Photos/Week 2/d.jpg',
    ])
    expect(lines.map(line => '>'.repeat(line.depth) + line.text)).toEqual(['Photos', '>Week 2', '>Week 10'])
  })

  it('reads names as the draft will, so that files find their folder again', () => {
    const [path] = ['Two  blanks/{x} [y]/a.txt']
    const { folders } = growDraft(linesOfPaths([path]))
    expect(folders.map(folder => folder.name).join('/')).toBe(folderOfPath(path))
  })
})

describe('skeletons', () => {
  it.each(SKELETONS.map(skeleton => [skeleton.name, skeleton.outline] as const))(
    '%s grows without a fault',
    (_, outline) => {
      const { faults, folders } = growDraft(linesOf(outline))
      expect(faults).toEqual([])
      expect(folders.length).toBeGreaterThan(8)
    },
  )
})

describe(countUp, () => {
  it.each([
    ['2026', '2027'],
    ['School year 2025-26', 'School year 2026-27'],
    ['2025–2026', '2026–2027'],
    ['1999-00', '2000-01'],
    ['2026-09-01 Letter', '2027-09-01 Letter'],
    ['2024-02-29', '2025-02-28'],
    ['Room 12026', 'Room 12026'],
    ['Year 10', 'Year 10'],
    ['3 bears', '3 bears'],
    ['Autumn term 2026', 'Autumn term 2027'],
  ])('%s becomes %s', (name, next) => expect(countUp(name)).toBe(next))
  it('counts grades only when asked', () =>
    expect([countUp('Year 10', { grades: true }), countUp('Class 9b', { grades: true })]).toEqual([
      'Year 11',
      'Class 10b',
    ]))
})

describe(nextPeriod, () => {
  const id = (text: string) => text as FolderId
  const lines: DraftLine[] = [
    { folderId: id('y'), depth: 0, text: '#5 Year 2026 [Teaching] -- all of 2026' },
    { folderId: id('w'), depth: 1, text: 'Autumn 2026' },
    { folderId: id('o'), depth: 0, text: 'Other' },
    { folderId: id('z'), depth: 0, text: 'Archive' },
    { folderId: id('q'), depth: 1, text: 'Year 2025' },
  ]
  const shown = (result: readonly DraftLine[]) =>
    result.map(line => `${'>'.repeat(line.depth)}${line.text}${line.folderId ? ` (${line.folderId})` : ''}`)

  it(
    'makes the new one in place with its number and lays the old one into the archive, closed, with the ' +
      'number that it shows',
    () => {
      expect(
        shown(nextPeriod(lines, id('y'), { grades: false, archiveId: id('z'), closed: 'Closed', number: 5 })),
      ).toEqual([
        '#5 Year 2027 [Teaching] -- all of 2027',
        '>Autumn 2027',
        'Other (o)',
        'Archive (z)',
        '>Year 2025 (q)',
        '>#5 Year 2026 [Closed] -- all of 2026 (y)',
        '>>Autumn 2026 (w)',
      ])
    },
  )

  it(
    'leaves the old one as it is where no archive is wanted, and the new one continues behind its siblings, ' +
      'called as one likes',
    () => {
      const result = shown(
        nextPeriod(lines, id('y'), { grades: true, archiveId: null, closed: null, name: 'Next year', number: 5 }),
      )
      expect(result).toEqual([
        '#5 Year 2026 [Teaching] -- all of 2026 (y)',
        '>Autumn 2026 (w)',
        'Other (o)',
        'Archive (z)',
        '>Year 2025 (q)',
        'Next year [Teaching] -- all of 2027',
        '>Autumn 2027',
      ])
    },
  )
})

describe(rebaseDraft, () => {
  const id = (text: string) => text as FolderId
  const folder = (name: string, parentId: string | null, more: Partial<BaseFolder> = {}): BaseFolder => ({
    id: id(name),
    parentId: parentId === null ? null : id(parentId),
    name,
    number: null,
    label: null,
    numbered: true,
    meaning: null,
    purpose: '',
    ...more,
  })
  const base = [folder('A', null), folder('B', 'A'), folder('C', null)]
  const draft = (...rows: [string | null, number, string][]): DraftLine[] =>
    rows.map(([folderId, depth, text]) => ({ folderId: folderId as FolderId | null, depth, text }))
  const lines = draft(['A', 0, 'A'], ['B', 1, 'B'], ['C', 0, 'C'], [null, 1, 'New'])
  const after = (now: readonly BaseFolder[], from = lines) => {
    const { lines: next, collisions, taken } = rebaseDraft(from, base, now, null)
    return { text: outlineText(next), collisions: collisions.length, taken }
  }

  it('takes over what the draft left alone', () => {
    expect(after([folder('A', null, { name: 'A2', number: 7 }), folder('B', 'A'), folder('C', null)])).toEqual({
      text: '#7 A2\n\tB\nC\n\tNew',
      collisions: 0,
      taken: 1,
    })
  })
  it('adds new folders below their parent, and moves what moved', () => {
    expect(after([folder('A', null), folder('C', null), folder('B', 'C'), folder('D', 'A')])).toEqual({
      text: 'A\n\tD\nC\n\tNew\n\tB',
      collisions: 0,
      taken: 2,
    })
  })
  it('drops what is gone and lifts what hung below it', () => {
    expect(after([folder('A', null), folder('B', 'A')])).toEqual({ text: 'A\n\tB\nNew', collisions: 0, taken: 1 })
  })
  it('keeps the draft’s own where both changed the same, and says so', () => {
    const mine = draft(['A', 0, 'Mine'], ['B', 1, 'B'], ['C', 0, 'C [Red]'])
    expect(after([folder('A', null, { name: 'Theirs' }), folder('B', 'A')], mine)).toEqual({
      text: 'Mine\n\tB\nC [Red]',
      collisions: 2,
      taken: 1,
    })
  })
  it('says nothing where both did the same', () => {
    expect(
      after(
        [folder('A', null, { name: 'Same' }), folder('B', 'A'), folder('C', null)],
        draft(['A', 0, 'Same'], ['B', 1, 'B'], ['C', 0, 'C']),
      ),
    ).toEqual({ text: 'Same\n\tB\nC', collisions: 0, taken: 0 })
  })
})
