import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, afterEach, describe, expect, it, vi } from 'vitest'
import type { PoolOptions } from './processPool'
import { ProcessPool, TooManyWaiting } from './processPool'

// Starting a process takes long on a machine that is busy otherwise.
vi.setConfig({ testTimeout: 60_000 })

const folder = mkdtempSync(join(tmpdir(), 'hembix-pool-'))
const program = join(folder, 'program.mjs')
writeFileSync(
  program,
  `
  import { existsSync } from 'node:fs'
  import { serialize } from 'node:v8'
  process.on('disconnect', () => process.exit(0))
  process.on('message', ({ act, value }) => {
    const secret = process.env.DATABASE_URL ?? null
    if (act === 'echo') process.send({ value: serialize({ value, pid: process.pid, secret }) })
    if (act === 'throw') process.send({ threw: 'no such thing' })
    if (act === 'crash') process.kill(process.pid, 'SIGSEGV')
    if (act === 'eat') {
      globalThis.eaten = []
      setInterval(() => globalThis.eaten.push(Buffer.alloc(8_000_000, 1)), 2)
    }
    if (act === 'hold') {
      const timer = setInterval(() => {
        if (!existsSync(value)) return
        clearInterval(timer)
        process.send({ value: serialize(value) })
      }, 10)
    }
    if (act === 'wait') setTimeout(() => process.send({ value: serialize(value) }), 150)
  })`,
)
afterAll(() => {
  rmSync(folder, { recursive: true, force: true })
})

const pools: ProcessPool[] = []
afterEach(() => {
  for (const pool of pools.splice(0)) pool.stop()
})
function poolOf(more: Partial<PoolOptions> = {}): ProcessPool {
  const pool = new ProcessPool({
    name: 'test',
    program: () => program,
    size: 1,
    limits: { timeMs: 60_000, memoryBytes: 400_000_000 },
    heapMegabytes: 100,
    niceness: 'showing',
    idleMs: 60_000,
    waitingPerOwner: 100,
    ...more,
  })
  pools.push(pool)
  return pool
}

describe(ProcessPool, () => {
  it('answers from a process that stays for the next task and knows no secrets', async () => {
    process.env.DATABASE_URL ??= 'postgres://secret'
    const pool = poolOf()
    const [one, two] = [
      await pool.run('a', { act: 'echo', value: [1] }),
      await pool.run('b', { act: 'echo', value: 'two' }),
    ] as { value: unknown; pid: number; secret: unknown }[]
    expect([one?.value, two?.value, one?.pid === two?.pid, one?.secret]).toEqual([[1], 'two', true, null])
    expect(one?.pid).not.toBe(process.pid)
  })

  it('says how a process ended, and goes on with a new one', async () => {
    const pool = poolOf({ limits: { timeMs: 3000, memoryBytes: 400_000_000 } })
    await expect(pool.run('a', { act: 'crash' })).rejects.toMatchObject({ ending: 'crash', message: 'signal SIGSEGV' })
    await expect(pool.run('a', { act: 'hang' })).rejects.toMatchObject({ ending: 'time' })
    await expect(pool.run('a', { act: 'throw' })).rejects.toThrow('no such thing')
    expect(await pool.run('a', { act: 'echo', value: 1 })).toMatchObject({ value: 1 })
    expect(pool.facts()).toMatchObject({ done: 4, ended: { crash: 1, time: 1, memory: 0 } })
  })

  it('keeps spare processes ready when there is nothing to do', async () => {
    const pool = poolOf({ size: 2, spare: 1, idleMs: 100 })
    const both = Promise.all([pool.run('a', { act: 'wait', value: 1 }), pool.run('b', { act: 'wait', value: 2 })])
    expect(pool.facts().processes).toBe(2)
    await both
    await vi.waitFor(
      () => {
        expect(pool.facts().processes).toBe(1)
      },
      { timeout: 10_000 },
    )
    const [spare] = pool.facts().pids
    await new Promise(resolve => setTimeout(resolve, 400))
    expect(await pool.run('a', { act: 'echo', value: 1 })).toMatchObject({ pid: spare })
  })

  it('ends a process that takes too much memory, though its heap is small', async () => {
    await expect(
      poolOf({ limits: { timeMs: 60_000, memoryBytes: 300_000_000 } }).run('a', { act: 'eat' }),
    ).rejects.toMatchObject({ ending: 'memory' })
  })

  it('lets owners take turns and keeps one process free of any single owner', async () => {
    const pool = poolOf({ size: 2 })
    // The tasks of the many end only when that of the one has: it must not wait for them.
    const sign = join(folder, 'one is done')
    const many = [1, 2, 3].map(() => pool.run('many', { act: 'hold', value: sign }))
    expect(await pool.run('one', { act: 'echo', value: 1 })).toMatchObject({ value: 1 })
    expect(pool.facts()).toMatchObject({ processes: 2, busy: 1, waiting: 2 })
    writeFileSync(sign, '')
    await Promise.all(many)
    expect(pool.facts()).toMatchObject({ done: 4, waiting: 0 })
  })

  it('refuses what one owner piles up, and nobody else', async () => {
    const pool = poolOf({ waitingPerOwner: 2 })
    const results = Promise.allSettled(Array.from({ length: 4 }, () => pool.run('many', { act: 'wait' })))
    const other = pool.run('one', { act: 'wait', value: 'mine' })
    const refused = (await results).filter(({ status }) => status === 'rejected')
    expect([
      refused.length,
      refused[0]?.status === 'rejected' && refused[0].reason instanceof TooManyWaiting,
      await other,
    ]).toEqual([1, true, 'mine'])
  })

  it('ends what runs and refuses what waits when it is stopped', async () => {
    const pool = poolOf()
    const results = Promise.allSettled([pool.run('a', { act: 'hang' }), pool.run('a', { act: 'hang' })])
    pool.stop()
    expect(
      (await results).map(result => result.status === 'rejected' && (result.reason as { ending: string }).ending),
    ).toEqual(['stopped', 'stopped'])
  })
})
