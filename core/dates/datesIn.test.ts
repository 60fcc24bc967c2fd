import { describe, expect, it } from 'vitest'
import { datesIn } from './datesIn'

const first = (text: string, monthFirst = false) => datesIn(text, { monthFirst })[0]?.date

describe(datesIn, () => {
  it.each([
    ['of 2026-03-04', '2026-03-04'],
    ['IMG_20260304_1201', '2026-03-04'],
    ['2026/3/4', '2026-03-04'],
    ['am 4.3.2026', '2026-03-04'],
    ['04. 03. 2026', '2026-03-04'],
    ['04/03/2026', '2026-03-04'],
    ['4 March 2026', '2026-03-04'],
    ['4th of March, 2026', '2026-03-04'],
    ['March 4, 2026', '2026-03-04'],
    ['Sept. 12th 2025', '2025-09-12'],
    ['4. März 2026', '2026-03-04'],
    ['12. Jänner 2026', '2026-01-12'],
    ['le 1er mars 2026', '2026-03-01'],
    ['14 février 2026', '2026-02-14'],
    ['4 de marzo de 2026', '2026-03-04'],
    ['31 août 2025', '2025-08-31'],
    ['25/12/2026', '2026-12-25'],
    ['12/25/2026', '2026-12-25'],
  ])('%s is %s', (text, date) => expect(first(text)).toBe(date))

  it('takes the month first where the language does', () => {
    expect([first('03/04/2026', true), first('03/04/2026'), first('25/12/2026', true)]).toEqual([
      '2026-03-04',
      '2026-04-03',
      '2026-12-25',
    ])
  })

  it.each([
    '30 February 2026',
    '2026-13-01',
    '4 lions 2026',
    '99.99.2026',
    'version 1.2.2026.7',
    'tel. 020 2603 04',
    '',
  ])('%j holds none', text => expect(datesIn(text)).toEqual([]))

  it('gives all in their order, each once', () => {
    expect(datesIn('from 1 May 2026 to 2026-06-30').map(({ date }) => date)).toEqual(['2026-05-01', '2026-06-30'])
  })
})
