import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { FolderId } from '../../core/ids'
import { useJustMade } from './justMade'

beforeEach(() => {
  setActivePinia(createPinia())
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

const ids = (...names: string[]) => names as FolderId[]

it('marks what was made last, for a minute', () => {
  const made = useJustMade()
  made.mark(ids('a', 'b'))
  vi.advanceTimersByTime(40_000)
  made.mark(ids('c'))
  expect([...made.ids]).toEqual(['c'])
  vi.advanceTimersByTime(40_000)
  expect([...made.ids]).toEqual(['c'])
  vi.advanceTimersByTime(30_000)
  expect([...made.ids]).toEqual([])
})
