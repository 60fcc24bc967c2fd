import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FolderId } from '../../core/ids'
import type { StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { usePlan } from './plan'
import { useRecentSearches } from './recentSearches'
import { useSearches } from './searches'
import { OUTLINE } from '../../tests/support/outlineReply'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

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
