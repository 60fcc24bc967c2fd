import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { refreshing } from './refreshing'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

function shown() {
  const calls: string[] = []
  const answers = { list: true, outline: true, away: false }
  const load = (part: 'list' | 'outline') => () => {
    calls.push(part)
    return Promise.resolve(answers[part])
  }
  const { soon, stop } = refreshing(
    { list: load('list'), outline: load('outline') },
    { isAway: () => answers.away, also: () => calls.push('also') },
  )
  const seen = () => calls.splice(0).sort()
  return { soon, stop, answers, seen }
}

describe(refreshing, () => {
  it('loads together what several changes ask for, by the one that can wait least', async () => {
    const { soon, seen } = shown()
    soon(['list'], 1000)
    soon(['outline'], 60)
    soon(['list'], 1000)
    await vi.advanceTimersByTimeAsync(60)
    expect(seen()).toEqual(['also', 'list', 'outline'])
    await vi.advanceTimersByTimeAsync(5000)
    expect(seen()).toEqual([])
  })

  it('tries again what the server did not answer, and that alone', async () => {
    const { soon, seen, answers } = shown()
    answers.list = false
    soon(['list', 'outline'], 60)
    await vi.advanceTimersByTimeAsync(60)
    expect(seen()).toEqual(['also', 'list', 'outline'])
    answers.list = true
    await vi.advanceTimersByTimeAsync(2000)
    expect(seen()).toEqual(['also', 'list'])
    await vi.advanceTimersByTimeAsync(10_000)
    expect(seen()).toEqual([])
  })

  it('waits for a server that is known to be away, and stops with its page', async () => {
    const { soon, stop, seen, answers } = shown()
    answers.list = false
    answers.away = true
    soon(['list'], 60)
    await vi.advanceTimersByTimeAsync(10_000)
    expect(seen()).toEqual(['also', 'list'])
    soon(['list'], 60)
    stop()
    await vi.advanceTimersByTimeAsync(1000)
    expect(seen()).toEqual([])
  })
})
