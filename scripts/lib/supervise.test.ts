import { describe, expect, it } from 'vitest'
import { supervise } from './supervise.mjs'

const ended = (code: number | null, signal: string | null = null) => ({
  ended: Promise.resolve({ code, signal }),
  words: () => 'first line\nlast line',
  stop: () => {
    /* nothing runs */
  },
})
const forever = () => ({
  ended: new Promise<{ code: number | null; signal: string | null }>(() => {
    /* it runs */
  }),
  words: () => '',
  stop: () => {
    /* nothing runs */
  },
})

function watch(starts: readonly (() => ReturnType<typeof ended>)[], now: () => number = () => 0) {
  const said: string[] = []
  const pauses: number[] = []
  const left = [...starts]
  const start = async () => (left.shift() ?? forever)()
  const done = supervise({
    name: 'The server',
    first: ended(null, 'SIGSEGV'),
    start,
    isStopping: () => false,
    log: (line: string) => said.push(line),
    now,
    pause: (ms: number) => {
      pauses.push(ms)
      return Promise.resolve()
    },
  })
  return { said, pauses, done }
}

const aMoment = () => new Promise(resolve => setTimeout(resolve, 20))

describe(supervise, () => {
  it('says how a part ended and its last words, and starts it again', async () => {
    const { said } = watch([])
    await aMoment()
    expect(said).toEqual([
      'The server ended (signal SIGSEGV)',
      '  first line',
      '  last line',
      'The server is started again in 0.5 s (1 of 5)',
      'The server runs again',
    ])
  })

  it('waits longer each time, and gives up after five times in ten minutes', async () => {
    const { pauses, done } = watch(Array.from({ length: 9 }, () => () => ended(1)))
    await expect(done).rejects.toThrow('The server ended 6 times in ten minutes')
    expect(pauses).toEqual([500, 1000, 2000, 4000, 8000])
  })

  it('forgets restarts that are long ago', async () => {
    let minute = 0
    const { pauses } = watch(
      Array.from({ length: 9 }, () => () => ended(1)),
      () => (minute += 6) * 60_000,
    )
    await aMoment()
    expect(pauses.length).toBe(10)
  })

  it('counts a start that failed as an end', async () => {
    const { said, done } = watch(
      Array.from({ length: 9 }, () => () => {
        throw new Error('port is taken')
      }),
    )
    await expect(done).rejects.toThrow('ended 6 times')
    expect(said).toContain('The server did not start: port is taken')
  })
})
