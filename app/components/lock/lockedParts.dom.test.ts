import { afterEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { mounted } from '../../../tests/support/mounted'
import { useDialogs } from '../../stores/dialogs'
import { useLocks } from '../../stores/locks'
import LockedSheet from './LockedSheet.vue'
import LockState from './LockState.vue'

const LOCK = { id: 'lock', folderId: null, since: '2026-03-01T00:00:00.000Z', count: 1, openUntil: null }
const document = { id: 'pay', name: 'Pay', lockId: 'lock' }
const thing = { kind: 'document', id: 'pay', name: 'Pay' }

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a sheet that is locked', () => {
  it('leads to the passphrase where the lock is one’s own', async () => {
    const sheet = mounted(LockedSheet, { document })
    useLocks().all = [LOCK]
    await nextTick()
    await sheet.get('button').trigger('click')
    expect(useDialogs().unlock).toEqual(thing)
  })

  it('says whose it is otherwise', () => {
    const sheet = mounted(LockedSheet, { document })
    expect([sheet.findAll('button').length, sheet.text()]).toEqual([0, expect.stringContaining('owner alone')])
  })
})

describe('what a card says of a lock', () => {
  it('is since when it is locked, or until when it is open, and that ends by itself', async () => {
    vi.useFakeTimers({ now: new Date('2026-03-01T10:00:00Z') })
    const answer = { locks: [{ ...LOCK, openUntil: '2026-03-01T10:15:00.000Z' }] }
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json(answer)))
    const state = mounted(LockState, { thing, lockId: 'lock' })
    expect(state.text()).toContain('locked')
    await useLocks().load()
    expect(state.text()).toMatch(/^open here until \d\d:15/)
    expect(useLocks().openUntil('lock')).toBe('2026-03-01T10:15:00.000Z')
    await vi.advanceTimersByTimeAsync(15 * 60_000 + 1)
    expect(useLocks().openUntil('lock')).toBeNull()
    expect(state.text()).toContain('locked')
  })
})
