import { describe, expect, it } from 'vitest'
import { firstHeadings, headingsOf, linesOf } from './gridLines'

const rows = (count: number) => Array.from({ length: count }, (_, index) => ({ id: `d${index}` }))
const shape = (lines: ReturnType<typeof linesOf>) =>
  lines.map(line => `${line.heading ?? ''}:${line.rows.map(row => row.id).join(' ')}`)

describe(linesOf, () => {
  it('fills lines in order, and begins a new one under each heading', () => {
    expect(shape(linesOf(rows(5), 3))).toEqual([':d0 d1 d2', ':d3 d4'])
    expect(
      shape(
        linesOf(
          rows(5),
          3,
          new Map([
            ['d0', 'PDF'],
            ['d2', 'Text'],
          ]),
        ),
      ),
    ).toEqual(['PDF:d0 d1', 'Text:d2 d3 d4'])
    expect(linesOf([], 3)).toEqual([])
    expect(shape(linesOf(rows(3), 1))).toEqual([':d0', ':d1', ':d2'])
  })

  it('loses and repeats nothing', () => {
    for (let across = 1; across < 9; across++) {
      const all = rows(23)
      expect(
        linesOf(
          all,
          across,
          new Map([
            ['d4', 'a'],
            ['d5', 'b'],
            ['d17', 'c'],
          ]),
        ).flatMap(line => line.rows),
      ).toEqual(all)
    }
  })
})

describe(headingsOf, () => {
  it('stand over the first document of each run', () => {
    const groups = new Map([
      ['d0', 'pdf'],
      ['d1', 'pdf'],
      ['d2', ''],
      ['d3', 'text'],
    ])
    expect([...headingsOf(rows(4), groups, group => `<${group}>`)]).toEqual([
      ['d0', '<pdf>'],
      ['d2', '<>'],
      ['d3', '<text>'],
    ])
    expect(headingsOf(rows(3), new Map(), String).size).toBe(0)
  })
})

describe('what is kept first', () => {
  const rows = ['a', 'b', 'c'].map(id => ({ id }))

  it('has its heading, and so has what follows', () => {
    expect(firstHeadings(rows, 2)).toEqual(
      new Map([
        ['a', 'Kept first'],
        ['c', 'All others'],
      ]),
    )
    expect(firstHeadings(rows, 3)).toEqual(new Map([['a', 'Kept first']]))
    expect([firstHeadings(rows, 0), firstHeadings([], 1)]).toEqual([undefined, undefined])
  })
})
