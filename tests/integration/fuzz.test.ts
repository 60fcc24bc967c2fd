// Whatever is asked for, the answer is a sentence and never a fault.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import { ROUTES } from '../../contract/routes/index'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import { requestsTo } from '../support/fuzz'

const SEED = Number(process.env.HEMBIX_FUZZ_SEED ?? 20_261_128)
const RUNS = Number(process.env.HEMBIX_FUZZ_RUNS ?? 30)
// Streams without an end, and what would end the session under test.
const LEFT_OUT = new Set(['/api/events', '/api/session/demo'])

let client: Client
let ids: string[]
let slowest = { path: '', ms: 0 }

/** Ids of everything that a plan has. */
async function thingsOf(owner: Client): Promise<string[]> {
  const [folder, other] = [await owner.folder('Office'), await owner.folder('Boathouse')]
  const { id: document } = await owner.upload('notes.txt', 'shore power is metered', folder)
  const { id: loose } = await owner.upload('loose.md', '# Loose')
  const [bundle, tag, search, meaning, change] = [v7(), v7(), v7(), v7(), v7()]
  await owner.act(
    {
      kind: 'bundle.set',
      id: bundle as never,
      name: 'Bundle',
      note: '',
      done: false,
      documentIds: [document] as never[],
    },
    change,
  )
  await owner.act({
    kind: 'tag.put',
    folderIds: [folder],
    documentIds: [],
    tags: [{ id: tag as never, name: 'signed' }],
  })
  await owner.act({
    kind: 'search.keep',
    id: search as never,
    name: 'Kept',
    query: { q: 'shore' },
    folderId: null,
    pinned: false,
    desk: true,
  })
  await owner.act({ kind: 'meaning.set', id: meaning as never, name: 'Due', ink: '#123456', closed: false })
  return [folder, other, document, loose, bundle, tag, search, meaning, change]
}

beforeAll(async () => {
  client = await newClient()
  ids = [...(await thingsOf(client)), ...(await thingsOf(await newClient()))]
})

describe('a route', () => {
  const routes = ROUTES.filter(
    ({ path, method }) =>
      !LEFT_OUT.has(path) && !(path === '/api/session' && method === 'DELETE') && !(path === '/api/accounts'),
  )

  it.each(routes.map(route => [`${route.method} ${route.path}`, route] as const))(
    '%s answers whatever it is asked',
    async (name, route) => {
      const runs = route.path === '/api/changes' && route.method === 'POST' ? RUNS * 25 : RUNS
      const faults: string[] = []
      for (const { method, path, body } of requestsTo(route, ids, runs, SEED)) {
        const began = performance.now()
        const response = await fetch(client.base + path, {
          method,
          redirect: 'manual',
          headers: {
            cookie: client.cookie,
            ...(body === null ? {} : { 'content-type': 'application/json' }),
            ...(name.includes('resumable')
              ? { 'tus-resumable': '1.0.0', 'upload-length': '5', 'upload-metadata': 'name eA==' }
              : {}),
          },
          body,
        })
        const text = await response.text()
        const ms = performance.now() - began
        if (ms > slowest.ms) slowest = { path: `${method} ${path.slice(0, 200)} ${body?.slice(0, 300) ?? ''}`, ms }
        // A stranger's simulated service that is asked for, and a database that is full or away, say so; nothing else
        // may.
        if (response.status >= 500)
          faults.push(`${response.status} ${method} ${path} ${body?.slice(0, 500) ?? ''} ${text.slice(0, 200)}`)
        if (response.headers.get('content-type')?.includes('text/html')) faults.push(`a page for ${method} ${path}`)
        if (
          response.headers.get('x-content-type-options') !== 'nosniff' ||
          !response.headers.get('content-security-policy')
        )
          faults.push(`no policy for ${method} ${path}`)
      }
      expect(faults).toEqual([])
    },
  )

  it('is still itself afterwards', async () => {
    expect((await client.outline()).folders).toBeDefined()
    process.stderr.write(`slowest reply: ${Math.round(slowest.ms)} ms, ${slowest.path}\n`)
  })
})

describe('what is no route', () => {
  it.each([
    ['GET', '/api/nothing', 404],
    ['GET', '/api', 404],
    ['POST', '/api/nothing/at/all', 404],
    ['DELETE', '/api/health', 405],
    ['PUT', '/api/plan', 405],
    ['PATCH', '/api/changes', 405],
  ] as const)('%s %s is answered %d, in JSON', async (method, path, status) => {
    const response = await fetch(client.base + path, { method, headers: { cookie: client.cookie } })
    expect([response.status, Object.keys((await response.json()) as object)]).toEqual([
      status,
      ['code', 'message', 'details'],
    ])
    expect(response.headers.get('allow') ?? '').toMatch(status === 405 ? /GET/ : /^$/)
  })

  it('HEAD answers as GET does, without a body', async () => {
    const [head, get] = [
      await fetch(`${client.base}/api/plan`, { method: 'HEAD', headers: { cookie: client.cookie } }),
      await fetch(`${client.base}/api/plan`, { headers: { cookie: client.cookie } }),
    ]
    expect([head.status, await head.text(), head.headers.get('content-type')]).toEqual([
      200,
      '',
      get.headers.get('content-type'),
    ])
    const { id } = await client.upload('head.txt', 'twelve bytes')
    const content = await fetch(`${client.base}/api/documents/${id}/content`, {
      method: 'HEAD',
      headers: { cookie: client.cookie },
    })
    expect([content.status, content.headers.get('content-length'), await content.text()]).toEqual([200, '12', ''])
  })
})
