import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId } from '../ids'
import {
  escapeName,
  expandName,
  growDraft,
  LEVEL_LIMIT,
  linesOf,
  outlineText,
  parseLine,
  plain,
  readOutline,
  writeLine,
} from './index'

const PLAIN = { number: null, label: null, numbered: true, meaning: null, purpose: '' }

describe(parseLine, () => {
  it.each([
    ['Leases', { ...PLAIN, name: 'Leases' }],
    [
      '#30 Leases [Urgent] -- signed ones only',
      { number: 30, label: null, numbered: true, name: 'Leases', meaning: 'Urgent', purpose: 'signed ones only' },
    ],
    ['#Q1 Spring', { ...PLAIN, label: 'Q1', name: 'Spring' }],
    ['#- Loose papers', { ...PLAIN, numbered: false, name: 'Loose papers' }],
    ['2026 taxes', { ...PLAIN, name: '2026 taxes' }],
    ['Notes [draft] of May', { ...PLAIN, name: 'Notes [draft] of May' }],
    ['\\#5 boat', { ...PLAIN, name: '\\#5 boat' }],
    ['-- only a purpose', { ...PLAIN, name: '', purpose: 'only a purpose' }],
    ['A--B', { ...PLAIN, name: 'A--B' }],
    ['A -- one\\ntwo', { ...PLAIN, name: 'A', purpose: 'one\ntwo' }],
  ])('reads %s', (text, facts) => expect(parseLine(text)).toEqual(facts))

  it('gives back what writeLine wrote, whatever the names hold', () => {
    const random = seeded(3)
    const scrap = () =>
      Array.from({ length: random.int(1, 6) }, () =>
        random.pick(['#', '[', ']', '{', '}', '--', ' -- ', ' ', 'a', '12', '\\', '-', '.', 'é', '* ']),
      )
        .join('')
        .replace(/\s+/g, ' ')
        .trim()
    for (let round = 0; round < 4000; round++) {
      const [name, meaning, purpose] = [
        scrap(),
        random.next() < 0.5 ? null : scrap(),
        random.next() < 0.5 ? '' : `${scrap()}\n${scrap()}`.trim(),
      ]
      if (name === '' || meaning === '') continue
      const kind = random.int(0, 3)
      const facts = {
        number: kind === 1 ? random.int(0, 300) : null,
        label: kind === 2 ? 'Q1' : null,
        numbered: kind !== 3,
        name: escapeName(name),
        meaning,
        purpose,
      }
      const line = writeLine(facts)
      expect(parseLine(line)).toEqual(facts)
      expect(expandName(parseLine(line).name)).toEqual({ ok: true, names: [name], made: false })
      expect(plain(facts.name)).toBe(name)
    }
  })
})

describe(expandName, () => {
  it.each([
    ['Week {01..03}', ['Week 01', 'Week 02', 'Week 03']],
    ['{3..1}', ['3', '2', '1']],
    ['Shelf {10..30 by 10}', ['Shelf 10', 'Shelf 20', 'Shelf 30']],
    ['Row {A..C}', ['Row A', 'Row B', 'Row C']],
    ['{North, South} pontoon', ['North pontoon', 'South pontoon']],
    ['{a,b}{1..2}', ['a1', 'a2', 'b1', 'b2']],
    ['{2026-11-28..2027-01-02 by month}', ['2026-11', '2026-12', '2027-01']],
    ['{2026-11-25..2026-12-08 by weeks}', ['2026-11-23', '2026-11-30', '2026-12-07']],
    ['{2026-09-01..2027-07-31 by term}', ['Autumn term 2026', 'Spring term 2027', 'Summer term 2027']],
    ['{2025-09-01..2027-09-01 by school year}', ['2025-26', '2026-27', '2027-28']],
    ['{2026-01-01..2026-12-31 by quarter}', ['2026 Q1', '2026 Q2', '2026 Q3', '2026 Q4']],
    ['\\{as it is\\}', ['{as it is}']],
  ])('makes the names of %s', (name, names) => expect(expandName(name)).toMatchObject({ ok: true, names }))

  it.each([
    ['Week {1..12', 'no closing brace'],
    ['{}', 'empty'],
    ['{1..5000}', 'at most 2,000'],
    ['{1..50}{1..50}', 'more than 2,000'],
    ['{a..F}', 'capitals'],
    ['{2026-02-30..2026-03-01 by day}', 'does not exist'],
    ['{2026-03-01..2026-02-01 by day}', 'before the first'],
    ['{2026-01-01..2026-02-01 by moon}', 'not known'],
    ['{x..9}', 'not understood'],
    ['{1..9 by 0}', 'steps of 1'],
    ['{1000-01-01..2026-01-01 by day}', '200 years'],
  ])('says why %s makes none', (name, why) =>
    expect(expandName(name)).toMatchObject({ ok: false, why: expect.stringContaining(why) as string }),
  )
})

describe(growDraft, () => {
  const grown = (text: string) => growDraft(linesOf(text))

  it('repeats what is below a pattern under each folder it makes', () => {
    const { folders, makes } = grown('Class {1..3}\n\tUnit {A..D}\n\t\tHandouts')
    expect(folders).toHaveLength(3 + 3 * 4 + 3 * 4)
    expect(
      folders
        .filter(folder => folder.name === 'Handouts')
        .every(folder => folders[folder.parent]?.name.startsWith('Unit')),
    ).toBe(true)
    expect([...makes]).toEqual([
      [0, 3],
      [1, 12],
      [2, 12],
    ])
  })

  it('names faulty lines and keeps the rest', () => {
    const { folders, faults } = grown('Good\n\tBad/name\n\t\tBelow\n\tOther')
    expect(folders.map(folder => [folder.name, folder.parent])).toEqual([
      ['Good', -1],
      ['Below', 0],
      ['Other', 0],
    ])
    expect(faults).toEqual([{ line: 1, why: expect.stringContaining('cannot hold') as string }])
  })

  it('says when levels have no end, and does not fall over them', () => {
    const { folders, faults } = grown(
      Array.from({ length: 10_000 }, (_, index) => '\t'.repeat(index) + index).join('\n'),
    )
    expect(folders).toHaveLength(LEVEL_LIMIT)
    expect(faults).toEqual([{ line: LEVEL_LIMIT, why: expect.stringContaining('at most 60 levels') as string }])
  })

  it('stops at the limit with a sentence', () => {
    expect(grown('A {1..50}\n\tB {1..50}').faults).toEqual([
      { line: 1, why: expect.stringContaining('2,500 folders; at most 2,000') as string },
    ])
  })

  it('passes over blank lines and takes too deep a line as one step deeper', () => {
    expect(grown('A\n\n\t\t\tB\n\nC').folders.map(folder => [folder.name, folder.depth])).toEqual([
      ['A', 0],
      ['B', 1],
      ['C', 0],
    ])
  })

  it('lets a line with a pattern stand for new folders only', () => {
    expect(
      growDraft([{ folderId: 'x' as FolderId, depth: 0, text: 'A {1..2}' }]).folders.map(folder => folder.folderId),
    ).toEqual([null, null])
  })
})

describe(readOutline, () => {
  const read = (text: string) => readOutline(text).map(line => '>'.repeat(line.depth) + line.text)

  it.each([
    ['tabs', 'A\n\tB\n\t\tC\nD', ['A', '>B', '>>C', 'D']],
    ['two blanks', 'A\n  B\n    C\nD', ['A', '>B', '>>C', 'D']],
    ['a mixture, with BOM and CRLF', '\uFEFFA\r\n    B\r\n\tC\r\n\t  D\r\nE', ['A', '>B', '>C', '>>D', 'E']],
    ['bullets', '- A\n  * B\n  * C\n- D', ['A', '>B', '>C', 'D']],
    ['Markdown headings with lists', '# A\n- B\n  - C\n## D\n- E', ['A', '>B', '>>C', '>D', '>>E']],
    ['numbers in front', '1. A\n   1.1 B\n   1.2 C\n2. D', ['#1 A', '>#1 B', '>#2 C', '#2 D']],
    ['flat codes', '1 A\n1.1 B\n1.1.1 C\n1.2 D', ['#1 A', '>#1 B', '>>#1 C', '>#2 D']],
    ['codes all the way', '1. A\n1.1 B\n1.1.1 C\n1.2 D\n2. E', ['#1 A', '>#1 B', '>>#1 C', '>#2 D', '#2 E']],
    ['the draft’s own notation', '#30 A [Urgent] -- why\n\t#- B', ['#30 A [Urgent] -- why', '>#- B']],
    ['check boxes and bold names', '- [ ] A\n- **B**', ['A', 'B']],
    ['names that only look like numbers', '2026 taxes\n3 bears', ['2026 taxes', '3 bears']],
  ])('reads %s', (_, text, lines) => expect(read(text)).toEqual(lines))

  it('reads back what it wrote', () => {
    const lines = readOutline('A\n\tB [X] -- y\n\t\t#7 C\nD')
    expect(readOutline(outlineText(lines))).toEqual(lines)
    expect(linesOf(outlineText(lines))).toEqual(lines)
  })

  it('bears 10,000 levels and 5 MB', () => {
    const deep = Array.from({ length: 10_000 }, (_, index) => '\t'.repeat(Math.min(index, 300)) + `n${index}`).join(
      '\n',
    )
    expect(readOutline(deep)).toHaveLength(10_000)
    const long = Array.from(
      { length: 140_000 },
      (_, index) => `${index % 7 ? '  ' : ''}- folder number ${index} of very many`,
    ).join('\n')
    expect(long.length).toBeGreaterThan(5_000_000)
    expect(readOutline(long)).toHaveLength(140_000)
  })
})
