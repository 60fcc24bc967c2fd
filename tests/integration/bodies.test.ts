// Whatever comes in is bounded while it comes: bytes, depth, time and how much at once.

import { connect } from 'node:net'
import { request } from 'node:http'
import { readFileSync } from 'node:fs'
import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { Client, Refused } from '../support/client'
import { BASE, newClient, sha256 } from '../support/client'

const MEGABYTE = 1024 * 1024
const { hostname, port } = new URL(BASE)

/** Sends `bytes` in chunks that are not announced; what the server answers. */
function sendChunked(
  method: string,
  path: string,
  bytes: number,
  headers: Record<string, string>,
): Promise<{ status: number; body: Partial<Refused> }> {
  return new Promise((resolve, reject) => {
    const sending = request(
      { hostname, port, path, method, headers: { ...headers, 'transfer-encoding': 'chunked' } },
      response => {
        let text = ''
        response.on('data', (part: Buffer) => {
          text += part.toString()
        })
        response.on('end', () => {
          resolve({ status: response.statusCode ?? 0, body: text.startsWith('{') ? (JSON.parse(text) as Refused) : {} })
        })
      },
    )
    sending.on('error', reject)
    let left = bytes
    const part = Buffer.alloc(256 * 1024, '[')
    const write = () => {
      while (left > 0) {
        left -= part.length
        if (!sending.write(part)) {
          sending.once('drain', write)
          return
        }
      }
      sending.end()
    }
    write()
  })
}

const residentMegabytes = () =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${process.env.HEMBIX_TEST_PID}/status`, 'utf8'))?.[1]) / 1024

describe('a body', () => {
  it('of a form is refused above 64 KB, announced or not, signed in or not', async () => {
    const announced = await newClient().then(client =>
      client.send<Refused>('POST', '/api/session', { email: 'a@b.example', password: 'x'.repeat(100_000) }),
    )
    expect([announced.status, announced.body.code]).toEqual([413, 'body.large'])
    const chunked = await sendChunked('POST', '/api/session', 8 * MEGABYTE, { 'content-type': 'application/json' })
    expect([chunked.status, chunked.body.code]).toEqual([413, 'body.large'])
  })

  it('that is too large leaves the memory of the server as it was', async () => {
    const client = await newClient()
    const before = residentMegabytes()
    const replies = await Promise.allSettled(
      Array.from({ length: 8 }, () =>
        sendChunked('POST', '/api/changes', 60 * MEGABYTE, {
          'content-type': 'application/json',
          cookie: client.cookie,
        }),
      ),
    )
    // Who goes on sending is cut off in the end and may not hear why.
    expect(replies.every(reply => reply.status === 'rejected' || [413, 503].includes(reply.value.status))).toBe(true)
    expect(residentMegabytes() - before).toBeLessThan(350)
    expect((await client.get('/api/health')).status).toBe(200)
  })

  it('that is nested too deep is refused before it is parsed, in no time', async () => {
    const client = await newClient()
    const response = await fetch(`${BASE}/api/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie: client.cookie },
      body: '['.repeat(200_000),
    })
    expect([response.status, ((await response.json()) as Refused).message]).toEqual([
      400,
      'This request does not make sense: it is nested deeper than 64 levels.',
    ])
  })

  it('of a form with files goes to the store as it comes, and what is no such form is said', async () => {
    const client = await newClient()
    const form = new FormData()
    form.append('title', 'Handed over')
    form.append('files', new Blob([Buffer.alloc(40 * MEGABYTE, 7)]), 'large.bin')
    const before = residentMegabytes()
    const response = await fetch(`${BASE}/api/share`, {
      method: 'POST',
      headers: { cookie: client.cookie },
      body: form,
      redirect: 'manual',
    })
    expect(response.status).toBe(303)
    expect(residentMegabytes() - before).toBeLessThan(60)
    expect((await client.documentsIn('in-tray')).documents.map(({ name, size }) => [name, size])).toEqual([
      ['large', 40 * MEGABYTE],
    ])
    expect((await client.send<Refused>('POST', '/api/share', { title: 'x' })).body.code).toBe('request.invalid')
    const cut = await fetch(`${BASE}/api/share`, {
      method: 'POST',
      headers: { cookie: client.cookie, 'content-type': 'multipart/form-data; boundary=x' },
      body: '--x\r\nContent-Disposition: form-data; name="files"; filename="a.txt"\r\n\r\nhalf',
    })
    expect(cut.status).toBe(400)
  })
})

describe('an upload as one request', () => {
  const address = (document: string, change: string, more = '') =>
    `/api/uploads?change=${change}&document=${document}&folder=in-tray&name=${encodeURIComponent(
      'long way.bin',
    )}&changed=2026-05-06T07:08:09.000Z${more}`

  async function breakOff(client: Client, path: string, bytes: Buffer, announced: number): Promise<void> {
    await new Promise<void>(resolve => {
      const socket = connect(Number(port), hostname)
      socket.on('error', () => {
        resolve()
      })
      socket.write(
        `POST ${path} HTTP/1.1\r\nHost: ${hostname}:${port}\r\nCookie: ${client.cookie}\r\nContent-Length: ` +
          `${announced}\r\n\r\n`,
      )
      socket.write(bytes, () =>
        setTimeout(() => {
          socket.destroy()
          resolve()
        }, 300),
      )
    })
  }

  it('that breaks off can be gone on with where it was', async () => {
    const [client, document, change] = [await newClient(), v7(), v7()]
    const bytes = Buffer.from(Array.from({ length: 3 * MEGABYTE }, (_, index) => index % 251))
    await breakOff(client, address(document, change), bytes.subarray(0, 1_500_000), bytes.length)
    const uploads = async () =>
      (await client.get<{ uploads: { size: number; received: number }[] }>('/api/uploads')).body.uploads
    while ((await uploads())[0]?.received !== 1_500_000) await new Promise(resolve => setTimeout(resolve, 50))
    const send = (offset: number) =>
      fetch(`${BASE}${address(document, change, `&offset=${offset}`)}`, {
        method: 'POST',
        headers: { cookie: client.cookie },
        body: bytes.subarray(offset),
      })
    const wrong = await send(1_400_000)
    expect([wrong.status, ((await wrong.json()) as Refused).details]).toEqual([
      409,
      { received: 1_500_000, size: bytes.length },
    ])
    expect((await send(1_500_000)).status).toBe(200)
    expect(sha256((await client.content(document)).bytes)).toBe(sha256(bytes))
    expect([await uploads(), (await send(1_500_000)).status]).toEqual([[], 200]) // asked again, it is answered again
  })
})

describe('what is open at once', () => {
  it('is limited for each account, and others notice nothing', async () => {
    const [greedy, other] = [await newClient(), await newClient()]
    const stops = new AbortController()
    const open = async (client: Client) =>
      (await fetch(`${BASE}/api/events`, { headers: { cookie: client.cookie }, signal: stops.signal })).status
    const statuses = await Promise.all(Array.from({ length: 40 }, () => open(greedy)))
    expect([
      statuses.filter(status => status === 200).length,
      statuses.filter(status => status === 429).length,
    ]).toEqual([24, 16])
    expect(await open(other)).toBe(200)
    stops.abort()
    const again = async () => {
      const closing = new AbortController()
      const { status } = await fetch(`${BASE}/api/events`, {
        headers: { cookie: greedy.cookie },
        signal: closing.signal,
      })
      closing.abort()
      return status
    }
    while ((await again()) !== 200) await new Promise(resolve => setTimeout(resolve, 100))
  })

  it('a flood of headers is cut off', async () => {
    const reply = await new Promise<string>(resolve => {
      const socket = connect(Number(port), hostname)
      let text = ''
      socket.on('data', part => {
        text += part.toString()
      })
      socket.on('close', () => {
        resolve(text)
      })
      socket.on('error', () => {
        /* closed by the server */
      })
      socket.write(`GET /api/health HTTP/1.1\r\nHost: ${hostname}\r\n`)
      for (let index = 0; index < 5000; index++) socket.write(`X-Flood-${index}: ${'x'.repeat(100)}\r\n`)
    })
    expect(reply).toMatch(/^(HTTP\/1\.1 431|$)/)
  })

  it("under a name that is not this server's, nothing is answered", async () => {
    const status = await new Promise<number>((resolve, reject) => {
      request({ hostname, port, path: '/api/session', headers: { host: 'evil.example' } }, response => {
        response.resume()
        resolve(response.statusCode ?? 0)
      })
        .on('error', reject)
        .end()
    })
    expect(status).toBe(421)
  })
})
