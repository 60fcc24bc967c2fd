import { describe, expect, it } from 'vitest'
import { exactValue, valueParts, whereLost } from './exactValues'

describe(exactValue, () => {
  it.each([
    ['digits that are not shown', 1_475_000, '0.0,,"m"', '1.5m', '1475000'],
    ['what separators cut', 14_991.72, '#,##0.00', '14,991.72', '14991.72'],
    ['a day of which a part is shown', 41_579, 'mmm, yy', 'Nov, 13', '2013-11-01'],
    ['a share', 0.12345, '0%', '12%', '0.12345'],
  ])('gives %s', (_, value, format, shown, exact) => {
    expect(exactValue(value, format, false, shown)).toBe(exact)
  })

  it.each([
    ['a number as it is', 42.5, 'General', '42.5'],
    ['a sum with its sign', -42, '"EUR" 0', 'EUR -42'],
    ['a day as it is', 41_579, 'yyyy-mm-dd', '2013-11-01'],
    ['a whole share', 0.25, '0.00%', '25.00%'],
    ['a time of day', 0.5, 'hh:mm', '12:00'],
    ['what is none', Number.NaN, '0', ''],
  ])('says nothing again: %s', (_, value, format, shown) => {
    expect(exactValue(value, format, false, shown)).toBeNull()
  })
})

describe(whereLost, () => {
  it('compares digits, not signs', () => {
    expect([whereLost('2024-03-01', '01.03.2024'), whereLost('2024-03-01', 'March'), whereLost(null, '')]).toEqual([
      null,
      '2024-03-01',
      null,
    ])
  })
})

describe(valueParts, () => {
  it('gives each value once, and nothing where there is none', () => {
    expect(valueParts('Dues', ['1', '2', '1'])).toEqual([{ kind: 'values', name: 'Dues', body: '1\n2' }])
    expect(valueParts('Dues', [])).toEqual([])
  })
})
