import { describe, expect, test } from 'vitest'
import { historyRequest, narrowsHistory, NO_FILTER } from './historyFilter'

const PERSON = '0192f0a0-0000-7000-8000-000000000001'

describe('what History is narrowed to', () => {
  test('nothing is asked for while nothing is narrowed', () => {
    expect(narrowsHistory(NO_FILTER)).toBe(false)
    expect(historyRequest(NO_FILTER)).toEqual({
      text: '',
      from: null,
      until: null,
      folder: null,
      madeBy: null,
      who: null,
    })
  })

  test('a day goes from midnight to midnight, also where a clock is put back', () => {
    for (const day of ['2026-05-03', '2026-10-25', '2026-03-29']) {
      const { from, until } = historyRequest({ ...NO_FILTER, day })
      const [began, ended] = [new Date(from ?? ''), new Date(until ?? '')]
      expect([began.getHours(), began.getMinutes(), ended.getHours(), ended.getMinutes()]).toEqual([0, 0, 0, 0])
      expect(ended.getDate()).toBe(began.getDate() + 1)
    }
  })

  test('who is either a way or a person', () => {
    expect(historyRequest({ ...NO_FILTER, madeBy: 'order' })).toMatchObject({ madeBy: 'order', who: null })
    expect(historyRequest({ ...NO_FILTER, madeBy: PERSON })).toMatchObject({ madeBy: null, who: PERSON })
    expect(narrowsHistory({ ...NO_FILTER, madeBy: 'order' })).toBe(true)
  })
})
