// The commands of the project as a person meets them: what they print, and what they say when something is wrong.

import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { freePort } from '../../scripts/lib/postgres.mjs'
import type { OutlineReply } from '../../contract/plan'
import { Client, newClient, sha256 } from '../support/client'

const folder = mkdtempSync(join(tmpdir(), 'hembix-scripts-'))
chmodSync(folder, 0o755) // the database's own user has to reach it
afterAll(() => rmSync(folder, { recursive: true, force: true }))

interface Run {
  code: number | null
  output: string
}

function run(
  args: string[],
  env: Record<string, string>,
  until?: (output: string, stop: () => void) => void,
): Promise<Run> {
  const inherited = Object.fromEntries(
    Object.entries(process.env).filter(
      ([name]) => !/^(DATABASE_URL|PORT|HOST|HEMBIX_)/.test(name) && !name.startsWith('VITEST'),
    ),
  )
  const child = spawn(process.execPath, args, { env: { ...inherited, ...env }, stdio: ['ignore', 'pipe', 'pipe'] })
  let output = ''
  let stopped = false
  const hear = (part: Buffer) => {
    output += part.toString()
    until?.(output, () => {
      if (!stopped) {
        stopped = true
        child.kill('SIGINT')
      }
    })
  }
  child.stdout.on('data', hear)
  child.stderr.on('data', hear)
  return new Promise(resolve => child.on('close', code => resolve({ code, output })))
}

describe('the server', () => {
  it('goes on calmly when nobody hears its words any more', async () => {
    const port = String(await freePort())
    const server = spawn(process.execPath, ['.output/server/index.mjs'], {
      env: {
        ...process.env,
        NITRO_PORT: port,
        DATABASE_URL: `postgres://nobody:x@127.0.0.1:${await freePort()}/none`,
        HEMBIX_WORKERS: join('.output', 'workers'),
      },
      stdio: ['ignore', 'ignore', 'pipe'],
    })
    await once(server.stderr, 'data') // that the database is away, which it says again and again
    server.stderr.destroy()
    const writesSoFar = () => Number(/syscw: (\d+)/.exec(readFileSync(`/proc/${server.pid}/io`, 'utf8'))?.[1])
    // While it starts, its threads wake each other by writes of their own.
    await new Promise(resolve => setTimeout(resolve, 3000))
    const before = writesSoFar()
    await new Promise(resolve => setTimeout(resolve, 3000))
    const writes = writesSoFar() - before
    server.kill('SIGKILL')
    expect(writes).toBeLessThan(2000)
  })
})

describe('npm start', () => {
  it('says in one sentence that its port is taken', async () => {
    const taken = createServer()
    await new Promise<void>(resolve => taken.listen(0, '127.0.0.1', resolve))
    const { port } = taken.address() as { port: number }
    const { code, output } = await run(['scripts/start.mjs'], {
      PORT: String(port),
      HEMBIX_DATA: join(folder, 'unused'),
    })
    taken.close()
    expect([code, output]).toEqual([
      1,
      `Port ${port} is taken. Stop what uses it, or choose another one: PORT=${port + 1} npm start\n`,
    ])
  })

  it('says what is wrong with PORT and HOST', async () => {
    expect((await run(['scripts/start.mjs'], { PORT: 'eighty' })).output).toBe(
      'PORT is "eighty"; it has to be a number from 1 to 65535.\n',
    )
    expect(
      (
        await run(['scripts/start.mjs'], {
          PORT: String(await freePort()),
          HOST: '192.0.2.1',
          HEMBIX_NAMES: 'plans.example',
          HEMBIX_DATA: join(folder, 'unused'),
        })
      ).output,
    ).toContain('The address 192.0.2.1 cannot be used here')
    expect((await run(['scripts/start.mjs'], { HOST: '0.0.0.0' })).output).toContain(
      'HEMBIX_NAMES=plans.example.org npm start',
    )
  })

  it('says what is wrong with its data folder', async () => {
    const file = join(folder, 'a-file')
    writeFileSync(file, '')
    expect((await run(['scripts/start.mjs'], { PORT: String(await freePort()), HEMBIX_DATA: file })).output).toContain(
      `The data folder ${file} cannot be used`,
    )
    const other = join(folder, 'other')
    mkdirSync(join(other, 'postgres'), { recursive: true })
    writeFileSync(join(other, 'postgres', 'novel.txt'), 'Chapter one')
    expect((await run(['scripts/start.mjs'], { PORT: String(await freePort()), HEMBIX_DATA: other })).output).toContain(
      'holds something that is not a database',
    )
  })

  it('says that another database does not answer', async () => {
    const { code, output } = await run(['scripts/start.mjs'], {
      PORT: String(await freePort()),
      DATABASE_URL: `postgres://nobody:x@127.0.0.1:${await freePort()}/none`,
    })
    expect([code, output.includes('The database does not answer')]).toEqual([1, true])
  })

  it(
    'starts, serves, and stops all that it started on Ctrl+C; then starts again in seconds, and everything ' +
      'is there',
    async () => {
      const data = join(folder, 'data')
      const env = { PORT: String(await freePort()), HEMBIX_DATA: data }
      const address = `http://127.0.0.1:${env.PORT}`
      let cookie = ''
      let bytes: Buffer = Buffer.alloc(0)
      let documentId = ''
      let beside: Run | null = null
      let again: Promise<Run> | null = null
      const first = await run(['scripts/start.mjs', '--empty'], env, (output, stop) => {
        if (!output.includes(address) || cookie !== '') return
        cookie = 'asked'
        void (async () => {
          const client = await newClient(address)
          const office = await client.folder('Office')
          bytes = Buffer.from('the very same bytes')
          documentId = (await client.upload('kept.bin', bytes, office)).id
          cookie = client.cookie
          beside = await run(['scripts/start.mjs'], { PORT: String(await freePort()), HEMBIX_DATA: data })
          stop()
          // Started again at once, it waits until the first has ended.
          again = run(['scripts/start.mjs'], env, (said, end) => {
            if (said.includes(address)) end()
          })
        })()
      })
      expect([first.code, first.output.includes('stopping')]).toEqual([0, true])
      expect((beside as Run | null)?.output).toMatch(
        /^Hembix runs with the data folder .* already \(process \d+\)\. Stop it first/,
      )
      const waited = await (again as Promise<Run> | null)
      expect([waited?.code, waited?.output.includes('until the Hembix that was stopped has ended')]).toEqual([0, true])
      expect(() => readFileSync(join(data, 'postgres', 'postmaster.pid'))).toThrow()

      const file = join(folder, 'all.backup')
      expect((await run(['scripts/backup.mjs', file], { HEMBIX_DATA: data })).output).toContain('Backed up to')
      expect((await run(['scripts/backup.mjs', file], { HEMBIX_DATA: data })).output).toContain('is there already')
      expect((await run(['scripts/restore.mjs', file], { HEMBIX_DATA: data })).output).toContain(
        'holds accounts already',
      )
      const fresh = join(folder, 'fresh')
      expect((await run(['scripts/restore.mjs', file], { HEMBIX_DATA: fresh })).output).toContain('Restored.')

      let seen: OutlineReply | null = null
      let back: Buffer = Buffer.alloc(0)
      let answered = false
      const second = await run(['scripts/start.mjs'], { ...env, HEMBIX_DATA: fresh }, (output, stop) => {
        if (!output.includes(address) || answered) return
        answered = true
        void (async () => {
          const client = new Client(address)
          client.cookie = cookie
          seen = await client.outline()
          back = (await client.content(documentId)).bytes
          stop()
        })()
      })
      expect(second.code).toBe(0)
      expect((seen as OutlineReply | null)?.folders.map(row => row.name)).toEqual(['Office'])
      expect(sha256(back)).toBe(sha256(bytes))
    },
  )
})
