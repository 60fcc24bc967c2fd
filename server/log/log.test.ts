import { describe, expect, it } from 'vitest'
import { faultOf, requestId, withRequestId } from './log'

describe(faultOf, () => {
  it('says what a database error was and not the values in it', () => {
    const error = Object.assign(new Error('invalid input syntax for type uuid: "a secret sentence"'), {
      name: 'SequelizeDatabaseError',
      parent: { code: '22P02' },
      sql: 'SELECT $1',
      parameters: ['a secret sentence'],
    })
    const fault = faultOf(error)
    expect([fault.kind, fault.code, JSON.stringify(fault).includes('secret')]).toEqual([
      'SequelizeDatabaseError',
      '22P02',
      false,
    ])
  })

  it('says where our own faults happened, and why', () => {
    const fault = faultOf(new TypeError('x is not a function'))
    expect([fault.kind, fault.reason, /log\.test\.ts/.test(fault.stack ?? '')]).toEqual([
      'TypeError',
      'x is not a function',
      true,
    ])
    expect(faultOf('thrown text')).toEqual({ kind: 'string' })
  })
})

describe(withRequestId, () => {
  it('is known to everything that follows, and to nothing else', async () => {
    const seen = await withRequestId('r1', async () => {
      await Promise.resolve()
      return requestId()
    })
    expect([seen, requestId()]).toEqual(['r1', undefined])
  })
})
