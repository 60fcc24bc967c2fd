import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { refusal } from '../../core/errors'
import type { Answer, StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { useFind } from './find'
import { useNames } from './names'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

describe('finding', () => {
  it('keeps the answer to what was typed last', async () => {
    const waiting: Record<string, (answer: Answer) => void> = {}
    server.answers = {
      'GET /api/find/names': ({ url }) =>
        new Promise<Answer>(resolve => {
          waiting[new URLSearchParams(url.split('?')[1]).get('q') ?? ''] = resolve
        }),
    }
    const names = useNames()
    const looks = [names.look('b'), names.look('be')]
    waiting.be?.({ body: { documents: [{ id: 'be' }], corrected: null } })
    waiting.b?.({ body: { documents: [{ id: 'b' }], corrected: null } })
    await Promise.all(looks)
    expect(names.documents.map(({ id }) => id)).toEqual(['be'])
  })

  it('adds pages to what was found, and shows refusals', async () => {
    const found = { countLimit: 10, terms: [], documents: [{ id: 'a' }], count: 2, next: 'n' }
    server.answers = {
      'GET /api/find': ({ url }) => ({
        body: url.includes('cursor=n') ? { ...found, documents: [{ id: 'b' }], count: null, next: null } : found,
      }),
    }
    const find = useFind()
    await find.run({ q: 'x' }, { typing: true })
    await find.more()
    expect(find.documents.map(({ id }) => id)).toEqual(['a', 'b'])
    server.answers = { 'GET /api/find': { status: 422, body: refusal('query.onlyWithout') } }
    await find.again()
    expect(find.results.state === 'error' && find.results.reason.code).toBe('query.onlyWithout')
  })
})

describe('the number of what is found', () => {
  const page = { countLimit: 10, terms: [], documents: [{ id: 'a' }], corrected: null, next: null }

  it('comes with the counts where the page was full before, and stays until another is known', async () => {
    let all = 300
    server.answers = {
      'GET /api/find': { body: { ...page, count: null } },
      'GET /api/find/counts': () => ({ body: { count: all, countLimit: 10_000 } }),
    }
    const find = useFind()
    const asking = find.run({ q: 'x' })
    expect(find.counted).toBe('counting')
    await asking
    await vi.waitFor(() => expect(find.counted).toMatchObject({ count: 300, countLimit: 10_000 }))
    all = 299
    const again = find.again()
    expect(find.counted).toMatchObject({ count: 300 })
    await again
    await vi.waitFor(() => expect(find.counted).toMatchObject({ count: 299 }))
  })

  it('and the next pages are of what was looked for where a typing error was forgiven', async () => {
    const urls: string[] = []
    const noted =
      (body: unknown) =>
      ({ url }: { url: string }) => {
        urls.push(url)
        return { body }
      }
    server.answers = {
      'GET /api/find': noted({
        ...page,
        count: 1,
        next: 'n',
        corrected: { typed: 'walrsu', to: 'walrus', q: '-old walrus', rule: '' },
      }),
      'GET /api/find/counts': noted({ count: 1, countLimit: 10 }),
    }
    const find = useFind()
    await find.run({ q: '-old walrsu' })
    await find.more()
    const askedOf = (path: string) =>
      urls.filter(url => url.split('?')[0]?.endsWith(path)).map(url => new URL(url, 'http://x').searchParams.get('q'))
    expect([askedOf('/api/find'), askedOf('/api/find/counts')]).toEqual([
      ['-old walrsu', '-old walrus'],
      ['-old walrus'],
    ])
    expect(find.lastRequest?.query).toEqual({ q: '-old walrsu' })
  })

  it('is asked for again with as many documents as were shown', async () => {
    const pages = new Map([
      ['', { documents: [{ id: 'a' }], count: 3, next: '1' }],
      ['1', { documents: [{ id: 'b' }], count: null, next: '2' }],
      ['2', { documents: [{ id: 'c' }], count: null, next: null }],
    ])
    server.answers = {
      'GET /api/find': ({ url }) => ({
        body: { ...page, ...pages.get(new URL(url, 'http://x').searchParams.get('cursor') ?? '') },
      }),
      'GET /api/find/counts': { body: { count: 3, countLimit: 10 } },
    }
    const find = useFind()
    await find.run({ q: 'x' })
    await Promise.all([find.more(), find.more()])
    expect(server.request.filter(one => one.includes('cursor=1'))).toHaveLength(1)
    await find.again()
    expect([find.documents.map(({ id }) => id), find.results.state === 'ready' && find.results.value.next]).toEqual([
      ['a', 'b'],
      '2',
    ])
  })

  it('is nothing: then what asks for one thing less is offered, until something else is asked', async () => {
    const less = { what: { kind: 'word', text: 'y' }, query: { q: 'x' }, count: 3 }
    server.answers = {
      'GET /api/find': ({ url }) => ({
        body: url.includes('q=x+y') ? { ...page, documents: [], count: 0 } : { ...page, count: 3 },
      }),
      'POST /api/find/loosen': { body: { relaxed: [less] } },
    }
    const find = useFind()
    await find.run({ q: 'x y' })
    await vi.waitFor(() => expect(find.relaxed).toEqual([less]))
    await find.run({ q: 'x' })
    expect([find.relaxed, server.request.filter(one => one.includes('loosen')).length]).toEqual([[], 1])
    // Away for a moment: nothing is offered, and nothing breaks.
    server.answers['POST /api/find/loosen'] = new TypeError('away')
    await find.run({ q: 'x y' })
    expect([find.results.state, find.relaxed]).toEqual(['ready', []])
  })

  it('is not known while the server is away', async () => {
    server.answers = {
      'GET /api/find': { body: { ...page, count: null } },
      'GET /api/find/counts': { status: 503, body: refusal('database.away') },
    }
    const find = useFind()
    await find.run({ q: 'x' })
    await vi.waitFor(() => expect(find.counted).toBe('unknown'))
  })
})
