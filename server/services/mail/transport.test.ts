import { mkdtemp, readdir, readFile } from 'node:fs/promises'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import PostalMime from 'postal-mime'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { deliver } from './transport'

let outbox: string
const message = { id: 'm1', to: 'per@harbour.test', subject: 'Ida gives you “Splices”', body: 'Knots – grüße\n' }

beforeEach(async () => {
  outbox = await mkdtemp(join(tmpdir(), 'outbox-'))
  vi.stubEnv('HEMBIX_OUTBOX', outbox)
  vi.stubEnv('SMTP_URL', '')
})
afterEach(() => vi.unstubAllEnvs())

/** A mail server that says yes to everything, and what it was told. */
function mailServer(): Promise<{ url: string; said: string[]; close: () => void }> {
  const said: string[] = []
  const server = createServer(socket => {
    let inData = false
    socket.write('220 ready\r\n')
    socket.on('data', part => {
      for (const line of part.toString().split('\r\n').filter(Boolean)) {
        said.push(line)
        if (inData && line !== '.') continue
        inData = line === 'DATA'
        socket.write(line === 'DATA' ? '354 go on\r\n' : '250 ok\r\n')
        if (line === 'QUIT') socket.end()
      }
    })
  })
  return new Promise(resolve =>
    server.listen(0, '127.0.0.1', () => {
      const address = server.address()
      const port = typeof address === 'object' && address ? address.port : 0
      resolve({ url: `smtp://127.0.0.1:${port}`, said, close: () => server.close() })
    }),
  )
}

describe('a message', () => {
  it('lies in the outbox as a mail that programs read, where there is no mail server', async () => {
    await deliver(message)
    expect(await readdir(outbox)).toEqual(['m1.eml'])
    const read = await PostalMime.parse(await readFile(join(outbox, 'm1.eml')))
    expect([read.subject, read.to?.[0]?.address, read.text?.trim()]).toEqual([
      'Ida gives you “Splices”',
      'per@harbour.test',
      'Knots – grüße',
    ])
  })

  it('goes to the mail server that is set up, but for made-up names', async () => {
    const server = await mailServer()
    vi.stubEnv('SMTP_URL', server.url)
    await deliver(message)
    expect(server.said.some(line => line.includes('RCPT TO:<per@harbour.test>'))).toBe(true)
    expect(await readdir(outbox)).toEqual([])
    await deliver({ ...message, id: 'm2', to: 'per@hembix.example' })
    expect(await readdir(outbox)).toEqual(['m2.eml'])
    server.close()
  })

  it('is refused where the mail server is away', async () => {
    vi.stubEnv('SMTP_URL', 'smtp://127.0.0.1:9')
    await expect(deliver(message)).rejects.toThrow()
  })
})
