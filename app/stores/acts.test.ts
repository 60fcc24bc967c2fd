import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { refusal } from '../../core/errors'
import type { Answer, StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { useActs } from './acts'
import { useLongActs } from './longActs'
import { useNotice } from './notice'
import { CHANGE } from '../../tests/support/outlineReply'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

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
