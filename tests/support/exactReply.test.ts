import { describe, expect, it } from 'vitest'
import { routeOf, wrongInReply } from './exactReply'

const ENTRY = { id: '01900000-0000-7000-8000-000000000001', at: '2026-11-28T08:00:00.000Z' }

describe('a reply', () => {
  it('belongs to the route with fewest parameters that fits', () => {
    expect(routeOf('GET', '/api/documents/ids?folder=in-tray')?.path).toBe('/api/documents/ids')
    expect(routeOf('GET', '/api/documents/01900000-0000-7000-8000-000000000001')?.path).toBe('/api/documents/{id}')
    expect(routeOf('GET', '/api/nowhere')).toBeUndefined()
  })

  it('is wrong where something is missing, of another kind, or not named, however deep', () => {
    expect(wrongInReply('GET', '/api/session', { account: null, demo: ['Ida Fenn'] })).toEqual([])
    expect(
      wrongInReply('GET', '/api/session', {
        account: { email: 'a@b.example', name: '', isGuest: false, secret: 1 },
        demo: 'yes',
      }),
    ).toEqual([
      'demo must be a `array` type, but the final value was: `"yes"`.',
      '.account.secret is not in the contract',
    ])
    expect(
      wrongInReply('GET', '/api/skeletons', { skeletons: [{ ...ENTRY, name: 'A', outline: '' }, { name: 'B' }] }),
    ).toEqual(
      expect.arrayContaining(['.skeletons[0].at is not in the contract', 'skeletons[1].id is a required field']),
    )
    expect(wrongInReply('DELETE', '/api/find/recent', 'anything')).toEqual([])
  })
})
