import { describe, expect, it } from 'vitest'
import { drawn, mounted } from '../../../tests/support/mounted'
import PartIndex from './PartIndex.vue'
import SheetTable from './SheetTable.vue'

describe('a table', () => {
  const rows = Array.from({ length: 250 }, (_, row) => [`row ${row}`, String(row * 3), row % 2 === 0 ? 'even' : ''])

  it('draws the first hundred rows, and room for the others', () => {
    const table = mounted(SheetTable, { rows, whole: false })
    expect(table.findAll('td').filter(cell => cell.text().startsWith('row')).length).toBe(100)
    expect(table.text()).toContain('row 99')
    expect(table.text()).not.toContain('row 100')
  })

  it('draws all rows where words are looked for in it', () => {
    expect(mounted(SheetTable, { rows, whole: true }).text()).toContain('row 249')
  })

  it('draws a few of them for the card', () => {
    const table = mounted(SheetTable, { rows, whole: false, only: 5 })
    expect(table.findAll('tr')).toHaveLength(5)
  })

  it('keeps empty cells in their columns', () => {
    const table = mounted(SheetTable, { rows: [['a', '', 'c'], ['d']], whole: true })
    expect(
      table
        .findAll('tr')[0]
        ?.findAll('td')
        .map(cell => cell.text()),
    ).toEqual(['a', '', 'c'])
  })
})

describe('the parts of a document', () => {
  const part = (kind: string, page: number, name: string) => ({ kind, page, name })

  it('are tabs where they are sheets, the one in view among them chosen', async () => {
    const index = mounted(PartIndex, { parts: [part('sheet', 1, 'Dues'), part('sheet', 3, 'Fleet')], at: 4 })
    await drawn()
    const tabs = index.findAll('[role="tab"]')
    expect(tabs.map(tab => [tab.text(), tab.attributes('aria-selected')])).toEqual([
      ['Dues', 'false'],
      ['Fleet', 'true'],
    ])
    await tabs[0]?.trigger('click')
    expect(index.emitted('go')).toEqual([[1]])
  })

  it('are not shown where there is one', () => {
    expect(mounted(PartIndex, { parts: [part('sheet', 1, 'Dues')], at: 1 }).text()).toBe('')
  })
})
