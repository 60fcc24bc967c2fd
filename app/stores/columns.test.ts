import { describe, expect, it } from 'vitest'
import {
  COLUMN_IDS,
  columnsWithNotes,
  FIRST_COLUMNS,
  LEAST_WIDTH,
  MOST_WIDTH,
  moveColumn,
  readColumns,
  resizeColumn,
  toggleColumn,
  tracksOf,
} from './columns'

const ids = (columns: readonly { readonly id: string }[]) => columns.map(({ id }) => id)

describe('columns of a list of documents', () => {
  it('are those from the start where nothing sound is kept', () => {
    for (const kept of [undefined, null, 'type', 7, { id: 'type' }]) expect(readColumns(kept)).toBe(FIRST_COLUMNS)
    expect(ids(FIRST_COLUMNS)).toEqual(['type', 'changed', 'size'])
  })

  it('are read as they were kept, without what is not known, twice there, or too wide', () => {
    expect(
      readColumns([
        { id: 'size', width: 100 },
        { id: 'weight', width: 5 },
        null,
        { id: 'size', width: 60 },
        { id: 'tags', width: 9999 },
        { id: 'type' },
      ]),
    ).toEqual([
      { id: 'size', width: 100 },
      { id: 'tags', width: MOST_WIDTH },
      { id: 'type', width: 62 },
    ])
    expect(readColumns([])).toEqual([])
  })

  it('are shown, taken away, moved and made wider', () => {
    expect(ids(toggleColumn(FIRST_COLUMNS, 'tags'))).toEqual(['type', 'changed', 'size', 'tags'])
    expect(ids(toggleColumn(FIRST_COLUMNS, 'changed'))).toEqual(['type', 'size'])
    expect(ids(moveColumn(FIRST_COLUMNS, 'type', 1))).toEqual(['changed', 'type', 'size'])
    expect(ids(moveColumn(FIRST_COLUMNS, 'type', 9))).toEqual(['changed', 'size', 'type'])
    expect(ids(moveColumn(FIRST_COLUMNS, 'size', -9))).toEqual(['size', 'type', 'changed'])
    expect(moveColumn(FIRST_COLUMNS, 'tags', 1)).toBe(FIRST_COLUMNS)
    expect(resizeColumn(FIRST_COLUMNS, 'size', 3)[2]).toEqual({ id: 'size', width: LEAST_WIDTH })
    expect(resizeColumn(FIRST_COLUMNS, 'size', 120.4)[2]).toEqual({ id: 'size', width: 120 })
  })

  it('keep every column once, whatever is done with them', () => {
    let columns = FIRST_COLUMNS
    for (const id of COLUMN_IDS) if (!ids(columns).includes(id)) columns = toggleColumn(columns, id)
    for (const [index, id] of COLUMN_IDS.entries()) columns = moveColumn(columns, id, (index % 5) - 2)
    expect([...ids(columns)].sort()).toEqual([...COLUMN_IDS].sort())
  })

  it('always say what is noted of a document, in the place of the change', () => {
    expect(ids(columnsWithNotes(FIRST_COLUMNS))).toEqual(['type', 'changed'])
    expect(ids(columnsWithNotes(toggleColumn(FIRST_COLUMNS, 'changed')))).toEqual(['type', 'changed'])
    expect(ids(columnsWithNotes([]))).toEqual(['changed'])
  })

  it('make the tracks of a row', () => {
    expect(tracksOf(FIRST_COLUMNS, { places: false, noted: false })).toBe(
      '26px 34px minmax(180px, 1fr) minmax(44px, 62px) minmax(44px, 92px) minmax(44px, 72px) 52px',
    )
    expect(tracksOf(FIRST_COLUMNS, { places: true, noted: true })).toBe(
      '26px 34px minmax(150px, 3fr) minmax(80px, 2fr) minmax(44px, 62px) minmax(44px, 150px) minmax(44px, 72px) 52px',
    )
  })
})
