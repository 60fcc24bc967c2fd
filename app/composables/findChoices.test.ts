import { describe, expect, it } from 'vitest'
import { choicesIn, isNarrowed, queryOf, spanOf } from './findChoices'

const NOW = Date.UTC(2026, 10, 25, 12)
const NOTHING = choicesIn({})

describe('what the Find page looks for', () => {
  it('goes into the URL and comes back the same', () => {
    const choices = { ...NOTHING, q: 'berth "shore power"', types: ['pdf', 'text'] as const, place: 'in-tray', changed: 'between' as const, from: '2026-01-01', to: '2026-02-01', starred: true, tags: ['0190a000-0000-7000-8000-000000000001'], origins: ['scan', 'mail'] as const, filed: ['none', 'several'] as const }
    expect(choicesIn(queryOf(choices))).toEqual(choices)
  })

  it('leaves out of the URL what is not chosen', () => {
    expect(queryOf(NOTHING)).toEqual({})
  })

  it('takes nonsense in the URL for nothing', () => {
    expect(choicesIn({ types: 'pdf,sausage', changed: 'sometime', starred: 'perhaps', tags: 'x,,y', q: ['a', 'b'] })).toEqual({ ...NOTHING, types: ['pdf'] })
  })
})

describe(spanOf, () => {
  it('counts days back from now', () => {
    expect(spanOf({ ...NOTHING, changed: 'week' }, NOW)).toEqual({ from: '2026-11-18T12:00:00.000Z', before: null })
    expect(spanOf(NOTHING, NOW)).toEqual({ from: null, before: null })
  })

  it('takes both days of a span whole, and lets a side open', () => {
    const span = spanOf({ ...NOTHING, changed: 'between', from: '2026-03-01', to: '2026-03-01' }, NOW)
    expect(Date.parse(span.before ?? '') - Date.parse(span.from ?? '')).toBe(86_400_000)
    expect(spanOf({ ...NOTHING, changed: 'between', from: '2026-03-01' }, NOW).before).toBeNull()
  })
})

describe(isNarrowed, () => {
  it('is about filters, not about words', () => {
    expect([isNarrowed(NOTHING), isNarrowed({ ...NOTHING, q: 'x' }), isNarrowed({ ...NOTHING, starred: true }), isNarrowed({ ...NOTHING, place: 'in-tray' })]).toEqual([false, false, true, true])
  })
})
