import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useActs } from './acts'
import { useNotice } from './notice'
import { undoShown } from './undoShown'

beforeEach(() => {
  setActivePinia(createPinia())
})

describe(undoShown, () => {
  it('takes back what the bottom line tells of, and else the last act of the plan', async () => {
    const undo = vi.fn(() => Promise.resolve({ ok: true }))
    useActs().undo = undo as never
    const own = vi.fn(() => Promise.resolve())
    useNotice().say('Put a copy of “Knots” into 1.1 Handouts of Ida', own)
    await undoShown()
    expect([own.mock.calls.length, undo.mock.calls.length]).toEqual([1, 0])
    useNotice().say('Took the copy of “Knots” back')
    await undoShown()
    expect([own.mock.calls.length, undo.mock.calls.length]).toEqual([1, 1])
  })
})
