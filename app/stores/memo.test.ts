import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { refusal } from '../../core/errors'
import type { DocumentId, FolderId } from '../../core/ids'
import type { StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { useMemo } from './memo'

const [MEMO, OTHER] = ['m1' as DocumentId, 'm2' as DocumentId]
const CHANGE = {
  id: '1',
  revision: 2,
  at: '2026-01-01T00:00:00.000Z',
  kind: 'x',
  label: '',
  places: [],
  actor: 'a',
  actorId: 'a',
  undoes: null,
  undoneBy: null,
}
let server: StandIn
/** What the plan holds: name and text of each memo. */
let held: Map<string, { name: string; text: string; version: number }>
let sentTexts: string[]

beforeEach(() => {
  vi.useFakeTimers()
  server = standIn()
  held = new Map()
  sentTexts = []
  const facts = (id: string) => () => {
    const memo = held.get(id)
    return memo ? { body: { id, ...memo } } : { status: 404, body: refusal('notFound') }
  }
  server.answers = {
    'GET /api/changes/last': { body: { last: null, undo: null, redo: null } },
    'POST /api/uploads': ({ url, sent }) => {
      const query = new URL(url, 'http://x').searchParams
      sentTexts.push(sent)
      held.set(query.get('document') ?? '', {
        name: (query.get('name') ?? '').replace(/\.md$/, ''),
        text: sent,
        version: 1,
      })
      return { body: CHANGE }
    },
  }
  for (const id of [MEMO, OTHER]) {
    server.answers[`GET /api/documents/${id}`] = facts(id)
    // A text that is JSON would be one to the stand-in as well: it answers with the text itself.
    server.answers[`GET /api/documents/${id}/content`] = () => ({ body: held.get(id)?.text ?? '' })
    server.answers[`POST /api/documents/${id}/content`] = ({ sent }) => {
      sentTexts.push(sent)
      const memo = held.get(id)
      if (memo) held.set(id, { ...memo, text: sent, version: memo.version + 1 })
      return { body: CHANGE }
    }
  }
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const empty = () => Promise.resolve({ name: '', text: '' })
const asks = (what: string) => server.request.filter(one => one.startsWith(what)).length

test('an empty new memo is nothing; what is written is kept here at once, in the plan after a pause', async () => {
  const memo = useMemo()
  await memo.open(MEMO, 'f1' as FolderId, empty)
  expect([await memo.keep(), asks('POST')]).toEqual([true, 0])
  memo.write('# Winch\n\nGrease it.')
  expect([server.stored.get('hembix.memo.m1'), asks('POST')]).toEqual(['# Winch\n\nGrease it.', 0])
  await vi.advanceTimersByTimeAsync(13_000)
  expect([held.get(MEMO), memo.name, memo.isDirty, server.stored.size]).toEqual([
    { name: 'Winch', text: '# Winch\n\nGrease it.', version: 1 },
    'Winch',
    false,
    0,
  ])
  expect(server.request.find(one => one.startsWith('POST'))).toContain('folder=f1')
})

test('what is typed while it is being kept is kept right after, and whoever waits, waits for both', async () => {
  held.set(MEMO, { name: 'Winch', text: 'one', version: 1 })
  const memo = useMemo()
  await memo.open(MEMO, null, empty)
  const arrive: (() => void)[] = []
  const { [`POST /api/documents/${MEMO}/content`]: keeps } = server.answers
  server.answers[`POST /api/documents/${MEMO}/content`] = async request => {
    await new Promise<void>(resolve => {
      arrive.push(resolve)
    })
    return typeof keeps === 'function' ? keeps(request) : new Error('no answer')
  }
  memo.write('two')
  const first = memo.keep()
  await vi.waitFor(() => expect(arrive).toHaveLength(1))
  memo.write('three')
  const leaving = memo.keep()
  arrive[0]?.()
  await vi.waitFor(() => expect(arrive).toHaveLength(2))
  arrive[1]?.()
  expect([await first, await leaving, sentTexts, held.get(MEMO)?.text, memo.isDirty, server.stored.size]).toEqual([
    true,
    true,
    ['two', 'three'],
    'three',
    false,
    0,
  ])
})

test('another memo that is opened while one is being kept stays as it is', async () => {
  held.set(MEMO, { name: 'Winch', text: 'one', version: 1 }).set(OTHER, { name: 'Rope', text: 'coil', version: 1 })
  const memo = useMemo()
  await memo.open(MEMO, null, empty)
  memo.write('two')
  const keeping = memo.keep()
  await memo.open(OTHER, null, empty)
  memo.write('coil it')
  expect([await keeping, await memo.keep()]).toEqual([true, true])
  expect([held.get(MEMO)?.text, held.get(OTHER)?.text, memo.document?.name, memo.name, memo.isDirty]).toEqual([
    'two',
    'coil it',
    'Rope',
    'Rope',
    false,
  ])
})

test('without the server it says so, and what was typed goes on where it ended', async () => {
  held.set(MEMO, { name: 'Winch', text: 'one', version: 1 })
  const memo = useMemo()
  await memo.open(MEMO, null, empty)
  server.answers[`POST /api/documents/${MEMO}/content`] = new TypeError('away')
  memo.write('two')
  expect([await memo.keep(), memo.refused === '', memo.state, memo.isDirty]).toEqual([false, false, 'ready', true])
  await memo.open(MEMO, null, empty)
  expect([memo.text, memo.isDirty]).toEqual(['two', true])
  // Nor is it shown as empty where its text cannot be fetched.
  server.answers[`GET /api/documents/${MEMO}/content`] = new TypeError('away')
  await memo.open(MEMO, null, empty)
  expect([memo.state, memo.refused === '']).toEqual(['gone', false])
})

test('a typed name renames it; a refused one stays to be changed, and is not asked for again', async () => {
  held.set(MEMO, { name: 'Winch', text: 'one', version: 1 })
  server.answers['POST /api/changes'] = { status: 422, body: refusal('notFound') }
  const memo = useMemo()
  await memo.open(MEMO, null, empty)
  memo.name = 'Winch, greased'
  await memo.keep()
  expect([asks('POST /api/changes'), memo.name, memo.isDirty]).toEqual([1, 'Winch, greased', true])
})

test('of a locked memo everything is known but what is written in it', async () => {
  held.set(MEMO, { name: 'Pay', text: 'secret', version: 1 })
  server.answers[`GET /api/documents/${MEMO}/content`] = { status: 403, body: refusal('lock.closed') }
  const memo = useMemo()
  await memo.open(MEMO, null, empty)
  expect([memo.state, memo.document?.name, memo.text, memo.refused]).toEqual([
    'gone',
    'Pay',
    '',
    refusal('lock.closed').message,
  ])
})
