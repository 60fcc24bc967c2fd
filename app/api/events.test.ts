import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { subscribeToEvents } from './events'

class Source {
  static readonly CLOSED = 2
  static all: Source[] = []
  readyState = 0
  onopen?: () => void
  onerror?: () => void
  onmessage?: (message: { data: string }) => void
  closed = false
  constructor() {
    Source.all.push(this)
  }
  close() {
    this.closed = true
  }
  fail(refused: boolean) {
    this.readyState = refused ? Source.CLOSED : 0
    this.onerror?.()
  }
}

const said: string[] = []
const listener = {
  onEvent: ({ type }: { type: string }) => said.push(type),
  opened: () => said.push('opened'),
  lost: (refused: boolean) => said.push(refused ? 'refused' : 'lost'),
}

beforeEach(() => {
  said.length = 0
  Source.all = []
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', Source)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe(subscribeToEvents, () => {
  it('hands on what it hears, and leaves a lost connection to the browser', () => {
    subscribeToEvents(listener)
    Source.all[0]?.onopen?.()
    Source.all[0]?.onmessage?.({ data: '{"type":"refresh"}' })
    Source.all[0]?.fail(false)
    vi.advanceTimersByTime(60_000)
    expect(said).toEqual(['opened', 'refresh', 'lost'])
    expect(Source.all).toHaveLength(1)
  })

  it('asks again by itself after it was refused, until it is let in', () => {
    subscribeToEvents(listener)
    Source.all[0]?.fail(true)
    vi.advanceTimersByTime(2000)
    Source.all[1]?.fail(true)
    vi.advanceTimersByTime(2000)
    Source.all[2]?.onopen?.()
    expect(said).toEqual(['refused', 'refused', 'opened'])
    expect(Source.all).toHaveLength(3)
  })

  it('hears nothing more once it is ended', () => {
    const stop = subscribeToEvents(listener)
    Source.all[0]?.fail(true)
    stop()
    vi.advanceTimersByTime(10_000)
    expect(Source.all).toHaveLength(1)
    expect(Source.all[0]?.closed).toBe(true)
  })
})
