// Stores against a stand-in of the server's replies: what they ask, what they keep, what they say when it is away.

import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { FolderId, MeaningId } from '../../core/ids'
import { PLAIN_NUMBERING } from '../../core/numbering/index'
import { refusal } from '../../core/errors'
import type { Answer, StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { useActs } from './acts'
import { useLongActs } from './longActs'
import { useNotice } from './notice'
import { useFind } from './find'
import { useNames } from './names'
import { usePlan } from './plan'
import { usePlaceNames } from './placeNames'
import { sortedBy, useDocumentList } from './documentList'
import { useRecentSearches } from './recentSearches'
import { useSearches } from './searches'
import { useSession } from './session'
import { useTrail } from './trail'
import { FIRST_SETTINGS, useView } from './view'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

const folder = (id: string, more: object = {}) => ({
  id: id as FolderId,
  parentId: null,
  name: id,
  folded: id,
  orderKey: id,
  number: null,
  numbering: null,
  childOrder: 'number',
  meaningId: null,
  purpose: '',
  createdAt: '',
  changedAt: '',
  ...more,
})
const OUTLINE = {
  since: null,
  gone: [],
  plan: { id: 'p', name: 'Plan', numbering: PLAIN_NUMBERING, childOrder: 'number', revision: 1 },
  folders: [folder('a', { meaningId: 'm' as MeaningId }), folder('b', { parentId: 'a' }), folder('c')],
  meanings: [{ id: 'm', name: 'Office', ink: '#44AA99', orderKey: 'a0', closed: false, pattern: 'full' }],
  starred: ['b'],
  counts: { a: 1, b: 2 },
  inTray: 4,
}
const CHANGE = {
  id: '1',
  revision: 2,
  at: '2026-01-01T00:00:00.000Z',
  kind: 'star',
  label: 'Starred “x”',
  message: null,
  places: [],
  actor: 'a',
  actorId: 'a',
  undoes: null,
  undoneBy: null,
}

describe(usePlan, () => {
  it('computes codes, colours and totals of the outline', async () => {
    server.answers = { 'GET /api/plan': { body: OUTLINE } }
    const plan = usePlan()
    const placeNames = usePlaceNames()
    await plan.load()
    expect(placeNames.placeOf('b' as FolderId)).toEqual({
      code: '1.1',
      name: 'b',
      text: '1.1 b',
      ink: '#44AA99',
      laid: '#44AA99',
    })
    expect([
      plan.totals.get('a' as FolderId),
      plan.inTray,
      plan.starredFolders.has('b'),
      placeNames.stripes('b' as FolderId),
    ]).toEqual([3, 4, true, ['#44AA99', '#44AA99']])
    expect([placeNames.placeOf(null)?.text, placeNames.placeOf('gone' as FolderId)]).toEqual(['In-tray', null])
  })

  it('keeps what it has while the server is away, and says so where it has nothing', async () => {
    const plan = usePlan()
    await plan.load()
    expect(plan.outline.state === 'error' && plan.outline.reason.code).toBe('connection.lost')
    server.answers = { 'GET /api/plan': { body: OUTLINE } }
    expect(await plan.load()).toBe(true)
    server.answers = {}
    expect(await plan.load()).toBe(false)
    expect(plan.outline.state).toBe('ready')
  })

  it('shows the newest answer, whichever comes last', async () => {
    const plan = usePlan()
    const waiting: ((answer: Answer) => void)[] = []
    server.answers = { 'GET /api/plan': () => new Promise<Answer>(resolve => waiting.push(resolve)) }
    const [first, second] = [plan.load(), plan.load()]
    waiting[1]?.({ body: { ...OUTLINE, inTray: 2 } })
    waiting[0]?.({ body: { ...OUTLINE, inTray: 1 } })
    await Promise.all([first, second])
    expect(plan.inTray).toBe(2)
  })
})

describe(useActs, () => {
  it('shows what was done and what undo would take back', async () => {
    server.answers = {
      'POST /api/changes': { body: CHANGE },
      'GET /api/changes/last': { body: { last: CHANGE, undo: CHANGE, redo: null } },
    }
    const acts = useActs()
    const longActs = useLongActs()
    const notices = useNotice()
    const outcome = await acts.act({ kind: 'star', folderIds: [], documentIds: [], on: true })
    expect([outcome.ok, acts.last.undo?.label, notices.present, longActs.busy]).toEqual([
      true,
      'Starred “x”',
      null,
      false,
    ])
  })

  it('shows a refusal in the bottom line, unless its asker shows it', async () => {
    server.answers = { 'POST /api/changes': { status: 422, body: refusal('name.empty') } }
    const [acts, notices] = [useActs(), useNotice()]
    await acts.act({ kind: 'trash', folderIds: [], documentIds: [] }, { quiet: true })
    expect(notices.present).toBeNull()
    await acts.act({ kind: 'trash', folderIds: [], documentIds: [] })
    expect(notices.present).toEqual({ text: 'Give it a name.', isRefusal: true })
  })

  it('takes a page of a proxy for a lost connection', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('<h1>Bad gateway</h1>', { status: 502 })))
    const outcome = await useActs().undo()
    expect(!outcome.ok && outcome.reason.code).toBe('connection.lost')
  })
})

describe(useDocumentList, () => {
  const row = (id: string) => ({ id })

  it('loads pages one after the other and all of them when asked', async () => {
    server.answers = {
      'GET /api/documents': ({ url }) => ({
        body: url.includes('cursor=two')
          ? { documents: [row('c')], next: null }
          : url.includes('cursor=one')
            ? { documents: [row('b')], next: 'two' }
            : { documents: [row('a')], next: 'one' },
      }),
    }
    const documentList = useDocumentList()
    await documentList.open('folder')
    expect(documentList.rows.map(({ id }) => id)).toEqual(['a'])
    await documentList.all()
    expect([documentList.rows.map(({ id }) => id), await documentList.more()]).toEqual([['a', 'b', 'c'], false])
  })

  it('turns the order around on the second click, and begins with the newest and largest', async () => {
    server.answers = { 'GET /api/documents': { body: { documents: [], next: null } } }
    const documentList = useDocumentList()
    await documentList.open('folder')
    await documentList.setSettings(sortedBy(documentList.settings, 'changed'))
    await documentList.setSettings(sortedBy(documentList.settings, 'changed'))
    await documentList.setSettings(sortedBy(documentList.settings, 'name'))
    expect(
      server.request
        .map(url => new URLSearchParams(url.split('?')[1]))
        .map(query => `${query.get('sort')} ${query.get('descending')}`),
    ).toEqual(['name false', 'changed true', 'changed false', 'name false'])
  })

  it('is a search where it is grouped, keeps how each folder is shown, and forgets nothing of it', async () => {
    const found = (id: string, group: string) => ({ id, group })
    server.answers = {
      'GET /api/documents': { body: { documents: [row('z')], next: null } },
      'GET /api/find': ({ url }) => ({
        body: url.includes('cursor=n')
          ? { documents: [found('c', 'text')], next: null }
          : { documents: [found('a', 'pdf'), found('b', 'pdf')], next: 'n' },
      }),
    }
    const [documentList, view] = [useDocumentList(), useView()]
    await documentList.open('one')
    await documentList.setSettings({ group: 'type', view: 'grid' })
    const query = new URLSearchParams(server.request.at(-1)?.split('?')[1])
    expect([query.get('group'), query.get('sort'), query.get('rule')]).toEqual([
      'type',
      'name',
      '{"kind":"place","folderId":"one","below":false}',
    ])
    expect([documentList.rows.map(({ id }) => id), [...documentList.groups]]).toEqual([
      ['a', 'b', 'c'],
      [
        ['a', 'pdf'],
        ['b', 'pdf'],
        ['c', 'text'],
      ],
    ])
    await documentList.open('two')
    expect([documentList.settings, documentList.rows.map(({ id }) => id), documentList.groups.size]).toEqual([
      FIRST_SETTINGS,
      ['z'],
      0,
    ])
    await documentList.open('one')
    expect([documentList.settings.group, view.settingsOf('one').view]).toEqual(['type', 'grid'])
    await nextTick()
    setActivePinia(createPinia())
    expect(useView().settingsOf('one')).toEqual({ view: 'grid', group: 'type', sort: 'name', descending: false })
  })

  it('says why a place cannot be shown', async () => {
    server.answers = { 'GET /api/documents': { status: 404, body: refusal('notFound') } }
    const documentList = useDocumentList()
    await documentList.open('gone')
    expect(documentList.loaded.state === 'error' && documentList.loaded.reason.code).toBe('notFound')
  })
})

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

describe(useSession, () => {
  it('knows who is signed in and whether there is a demo, and forgets on signing out', async () => {
    server.answers = {
      'GET /api/session': {
        body: { account: { email: 'a@b.example', name: 'Ada', isGuest: false }, demo: ['Ida Fenn'] },
      },
      'DELETE /api/session': { body: { account: null } },
    }
    const session = useSession()
    await session.load()
    expect([session.email, session.demo]).toEqual(['a@b.example', ['Ida Fenn']])
    await session.signOut()
    expect([session.email, session.demo]).toEqual([null, ['Ida Fenn']])
  })
})

describe('a long act', () => {
  it('is heard of while it runs, and can be stopped', async () => {
    let answer: (value: Answer) => void = () => undefined
    server.answers = {
      'POST /api/changes': () =>
        new Promise<Answer>(resolve => {
          answer = resolve
        }),
      'GET /api/changes/last': { body: { last: null, undo: null, redo: null } },
    }
    const [acts, longActs, notices] = [useActs(), useLongActs(), useNotice()]
    const acting = acts.act({ kind: 'trash', folderIds: [], documentIds: [] })
    const [id = ''] = [...longActs.underWay.keys()]
    longActs.subscribeToProgress({ changeId: 'of another window', done: 1, total: 2 })
    expect(longActs.running).toBeNull()
    longActs.subscribeToProgress({ changeId: id, done: 2500, total: 10_000 })
    expect(longActs.running).toEqual({ id, done: 2500, total: 10_000 })
    server.answers[`POST /api/changes/${id}/stop`] = { body: null }
    await longActs.stop()
    expect(server.request.at(-1)).toBe(`POST /api/changes/${id}/stop`)
    answer({ status: 409, body: refusal('act.stopped') })
    expect([(await acting).ok, longActs.running, notices.present?.text]).toEqual([
      false,
      null,
      'Stopped before the end. Nothing was changed.',
    ])
  })
})

describe('kept searches', () => {
  it('know their places and counts, and how a search is remembered', async () => {
    const search = (id: string, more: object) => ({
      id,
      name: id,
      query: { q: id },
      folderId: null,
      pinned: false,
      desk: false,
      createdAt: '',
      ...more,
    })
    server.answers = {
      'GET /api/plan': {
        body: { ...OUTLINE, searches: [search('one', { folderId: 'a', pinned: true }), search('two', { desk: true })] },
      },
      'GET /api/find/kept': {
        body: {
          counts: [
            { id: 'one', count: 12 },
            { id: 'two', count: 10_001 },
          ],
        },
      },
      'PUT /api/find/recent': { body: null },
      'GET /api/find/recent': { body: { searches: [{ text: 'berth', query: { q: 'berth' }, at: '' }] } },
    }
    await usePlan().load()
    const [searches, recentSearches] = [useSearches(), useRecentSearches()]
    await searches.loadCounts()
    expect([
      searches.pinned.map(one => one.name),
      searches.onDesk.map(one => one.name),
      searches.inFolder('a' as FolderId).map(one => one.name),
    ]).toEqual([['one'], ['two'], ['one']])
    expect([searches.countText('one'), searches.countText('two'), searches.countText('gone')]).toEqual([
      '12',
      '10,000+',
      '',
    ])
    await recentSearches.note('  berth ', { q: 'berth' })
    await recentSearches.note('   ', {})
    expect([
      recentSearches.recent.map(one => one.text),
      server.request.filter(one => one.startsWith('PUT')).length,
    ]).toEqual([['berth'], 1])
  })
})

describe(useTrail, () => {
  it('leads to the documents before and after in the list', () => {
    const trail = useTrail()
    trail.ids = ['a', 'b', 'c']
    expect([trail.beside('b', 1), trail.beside('b', -1), trail.beside('c', 1), trail.beside('x', 1)]).toEqual([
      'c',
      'a',
      null,
      null,
    ])
  })
})
