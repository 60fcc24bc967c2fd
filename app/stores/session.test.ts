import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { useSession } from './session'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

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
