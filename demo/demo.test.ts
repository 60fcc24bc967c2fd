import { createHash } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { renderFile } from './files'
import type { DemoFolder, Run } from './runs'
import { IN_TRAY, OUTLINE, TAGS } from './outline'
import { MEANINGS } from './runs'
import type { Format, Paper } from './papers'
import { attendanceTable, duesTable, fill, write } from './papers'
import { seeded } from './random'

const FORMATS: readonly Format[] = ['pdf', 'docx', 'odt', 'xlsx', 'csv', 'md', 'txt', 'html', 'png']
const all = (folders: readonly DemoFolder[]): DemoFolder[] =>
  folders.flatMap(folder => [folder, ...all(folder.folders ?? [])])
const runs: readonly Run[] = [...all(OUTLINE).flatMap(folder => folder.papers ?? []), ...IN_TRAY]

describe('the demo plan', () => {
  it('has 60 folders and about 400 documents in every format', () => {
    expect(all(OUTLINE)).toHaveLength(60)
    expect(runs.reduce((sum, run) => sum + run.count, 0)).toBeGreaterThanOrEqual(380)
    expect(new Set(runs.flatMap(run => run.formats))).toEqual(new Set(FORMATS))
  })

  it('has papers for each of its tags', () => {
    const subjects = new Set(
      all(OUTLINE)
        .flatMap(folder => folder.papers ?? [])
        .map(run => run.subject),
    )
    expect(TAGS.filter(tag => !subjects.has(tag.subject))).toEqual([])
  })

  it('uses every meaning of its colour key, each with an ink of its own', () => {
    const used = new Set(
      all(OUTLINE)
        .map(folder => folder.meaning)
        .filter(key => key !== undefined),
    )
    expect(used).toEqual(new Set(MEANINGS.map(({ key }) => key)))
    expect(new Set(MEANINGS.map(({ ink }) => ink)).size).toBe(MEANINGS.length)
  })
})

describe('papers', () => {
  const paperOf = (format: Format): Paper => {
    const random = seeded(5)
    return {
      ...write(random, 'lease', {
        name: 'Lease',
        title: 'Berth lease',
        format,
        date: new Date('2026-02-03T00:00:00Z'),
      }),
      table: duesTable(random, 4),
    }
  }

  it('say the same each time, and something else with another seed', () => {
    const text = (seed: number) =>
      write(seeded(seed), 'minutes', { name: 'M', title: 'Minutes', format: 'md', date: new Date(0) }).paragraphs.join(
        '\n',
      )
    expect(text(1)).toBe(text(1))
    expect(text(1)).not.toBe(text(2))
    expect(text(1)).not.toMatch(/[{}]/)
  })

  it.each(FORMATS.filter(format => format !== 'docx' && format !== 'xlsx'))(
    'are the very same bytes each time as %s',
    async format => {
      const hash = async () =>
        createHash('sha256')
          .update(await renderFile(paperOf(format)))
          .digest('hex')
      expect(await hash()).toBe(await hash())
    },
  )

  it.each([
    ['pdf', '%PDF-'],
    ['docx', 'PK'],
    ['odt', 'PK'],
    ['xlsx', 'PK'],
    ['png', '\x89PNG'],
    ['html', '<!doctype html>'],
    ['md', '# Berth lease'],
    ['txt', 'Berth lease'],
    ['csv', 'Berth,Vessel'],
  ] as const)('are a true %s', async (format, head) => {
    const bytes = await renderFile(paperOf(format))
    expect(bytes.subarray(0, head.length).toString('latin1')).toBe(head)
    expect(bytes.length).toBeGreaterThan(100)
  })

  it('fill only the slots they know', () => {
    expect(fill('{berth} of {nothing}', seeded(3), new Date(0))).toMatch(/^\d+ of \{nothing\}$/)
  })

  it('set tables with a head and equal rows', () => {
    for (const table of [duesTable(seeded(1), 6), attendanceTable(seeded(1))])
      expect(new Set(table.map(row => row.length)).size).toBe(1)
  })
})

describe(seeded, () => {
  it('picks within the bounds and never twice the same of some', () => {
    const random = seeded(11)
    for (let round = 0; round < 300; round++) {
      expect(random.int(2, 5)).toSatisfy((value: number) => value >= 2 && value <= 5)
      const some = random.some([1, 2, 3, 4, 5], 3)
      expect(new Set(some).size).toBe(3)
    }
    expect(() => random.pick([])).toThrow('nothing to pick')
  })
})
