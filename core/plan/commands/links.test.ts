import { describe, expect, it } from 'vitest'
import { EMPTY, folderRow, NOW, sliceOf } from '../../../tests/support/rows'
import { hashOfPassphrase, hashOfSecret } from '../../access/index'
import type { ShareLinkId } from '../../ids'
import { wordMessage } from '../../history/index'
import { decide } from './decide'

const moment = { now: NOW, newId: () => 'new' as never, locale: 'en' }
const state = { ...EMPTY, folder: new Map([['a', folderRow('a', { name: 'Handouts' })]]) }
const SECRET = 'abcdefghijklmnopqrstuv'
const make = {
  kind: 'link.make',
  id: 'l' as ShareLinkId,
  target: 'folder',
  targetId: 'a',
  secret: SECRET,
  until: null,
  note: ' the class ',
} as const

describe('a link', () => {
  it('is made with the hash of its secret, and says what it gives', () => {
    const made = decide(sliceOf(state), make, moment)
    if (!made.ok) throw new Error(made.reason.message)
    expect(made.rows).toEqual([
      {
        table: 'share_link',
        op: 'insert',
        id: 'l',
        after: {
          id: 'l',
          target: 'folder',
          targetId: 'a',
          secretHash: hashOfSecret(SECRET),
          passphraseHash: null,
          until: null,
          note: 'the class',
          createdAt: NOW,
        },
      },
    ])
    expect(wordMessage(made.message)).toBe('Made a link to 1 Handouts')
    expect(JSON.stringify(made)).not.toContain(SECRET)
  })

  it('keeps no passphrase but its hash', () => {
    const made = decide(sliceOf(state), { ...make, passphrase: 'under the mat' }, moment)
    expect(JSON.stringify(made)).toContain(hashOfPassphrase('under the mat', 'l'))
    expect(JSON.stringify(made)).not.toContain('under the mat')
  })

  it.each([
    [{ until: '2020-01-01T00:00:00.000Z' }, 'link.over'],
    [{ until: 'soon' }, 'link.over'],
    [{ targetId: 'gone' }, 'notFound'],
    [{ note: 'x'.repeat(6000) }, 'text.long'],
  ])('is not made with %j', (other, code) => {
    const refused = decide(sliceOf(state), { ...make, ...other }, moment)
    expect(refused.ok ? '' : refused.reason.code).toBe(code)
  })

  it('is ended also where what it gave is gone', () => {
    const link = { ...make, secretHash: 'h', passphraseHash: null, createdAt: NOW, targetId: 'gone' }
    const { kind: _kind, secret: _secret, ...row } = link
    const ended = decide(
      sliceOf({ ...state, share_link: new Map([['l', row]]) }),
      { kind: 'grant.end', ids: ['l' as ShareLinkId] },
      moment,
    )
    expect(ended.ok && wordMessage(ended.message)).toBe('Ended a link to what is gone')
    expect(ended.ok && ended.rows.map(({ table, op }) => `${op} ${table}`)).toEqual(['delete share_link'])
  })
})
