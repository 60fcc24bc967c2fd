import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FolderId } from '../../core/ids'
import type { Answer, StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { usePlan } from './plan'
import { usePlaceNames } from './placeNames'
import { OUTLINE } from '../../tests/support/outlineReply'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

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
