import { describe, expect, it } from 'vitest'
import { commonName } from './commonName'

describe(commonName, () => {
  it.each([
    [['Knots handout: clove hitch', 'Knots handout: bowline'], 'Knots handout'],
    [['Berth lease, pontoon 11 (signed)', 'Berth lease, pontoon 17 (signed)'], 'Berth lease, pontoon'],
    [['Invoice', 'Invoice (2)'], 'Invoice'],
    [['Notes', 'Notebook'], ''],
    [['Survey', 'Quote'], ''],
    [['Alone'], 'Alone'],
    [['2026-01-02 Notice: ice', '2026-03-04 Notice: ladder'], 'Notice'],
    [['2026-01-02', '2026-03-04'], ''],
    [[], ''],
  ])('%j has “%s” in common', (names, common) => {
    expect(commonName(names)).toBe(common)
  })
})
