import { describe, expect, it } from 'vitest'
import { timeInWords } from './timeWords'

const NOW = '2026-12-01T10:00:00.000Z' // a Tuesday
const read = (query: string) => {
  const found = timeInWords(query, NOW)
  if (found === null) return null
  const [first] = found.rule.kind === 'any' ? found.rule.rules : []
  const span = first?.kind === 'time' ? `${first.from?.slice(0, 10)} ${first.before?.slice(0, 10)}` : ''
  return [found.q, found.typed, found.time, span]
}

describe('words that say when', () => {
  it.each([
    ['minutes nov 2025', ['minutes', 'nov 2025', 'November 2025', '2025-11-01 2025-12-01']],
    ['permit winch january', ['permit winch', 'january', 'January 2026', '2026-01-01 2026-02-01']],
    ['december', ['', 'december', 'December 2026', '2026-12-01 2027-01-01']],
    ['Protokoll März', ['Protokoll', 'März', 'March 2026', '2026-03-01 2026-04-01']],
    ['2024 lease', ['lease', '2024', '2024', '2024-01-01 2025-01-01']],
    ['rota monday', ['rota', 'monday', 'Monday 30 November', '2026-11-30 2026-12-01']],
    ['rota Dienstag', ['rota', 'Dienstag', 'Tuesday 1 December', '2026-12-01 2026-12-02']],
    ['mercredi', ['', 'mercredi', 'Wednesday 25 November', '2026-11-25 2026-11-26']],
  ])('%s', (query, expected) => expect(read(query)).toEqual(expected))

  it.each(['winch', '"may 2025"', 'lease -may', '2024 2025', 'monday may', 'march april', '{type pdf} may', '1.5'])(
    'none in %s',
    query => expect(read(query)).toBeNull(),
  )

  it('look at the date in a document, and at when it was changed or came', () => {
    const rule = timeInWords('may 2026', NOW)?.rule
    expect(rule?.kind === 'any' && rule.rules.map(one => (one.kind === 'time' ? one.field : ''))).toEqual([
      'dated',
      'changed',
      'added',
    ])
  })
})
