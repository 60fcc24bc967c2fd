import { describe, expect, it } from 'vitest'
import { ValidationError } from 'yup'
import { HembixError, refusal } from '../../core/errors'
import { rangeOf } from './content'
import { foundCursor, placeOf, readFoundCursor, wholeNumberOf } from './parse'
import { toErrorReply } from './errorReply'

describe(rangeOf, () => {
  it.each<[string | undefined, [number, number] | null]>([
    [undefined, null],
    ['bytes=0-', [0, 99]],
    ['bytes=10-19', [10, 19]],
    ['bytes=90-500', [90, 99]],
    ['bytes=-10', [90, 99]],
    ['bytes=-500', [0, 99]],
    ['bytes=1-2,5-6', null],
    ['lines=1-2', null],
    ['bytes=-', null],
    // RFC 9110, 14.2: a range that is none is passed over.
    ['bytes=50-10', null],
  ])('%s of 100 bytes', (header, range) => {
    expect(rangeOf(header, 100)).toEqual(range)
  })

  it.each(['bytes=100-', 'bytes=200-300'])('refuses %s', header => {
    expect(() => rangeOf(header, 100)).toThrow('This part of the document does not exist.')
  })
})

describe(placeOf, () => {
  const id = '01900000-0000-7000-8000-000000000001'

  it('knows the In-tray and folders, and nothing else', () => {
    expect([placeOf('in-tray'), placeOf(id.toUpperCase())]).toEqual([null, id])
    expect(() => placeOf('top')).toThrow('does not exist')
  })
})

describe(foundCursor, () => {
  it.each([
    { at: 30 },
    { after: { changedAt: '2026-01-01T00:00:00.000Z', id: '01900000-0000-7000-8000-000000000001' } },
  ])('%j is read as it was written', cursor => {
    expect(readFoundCursor(foundCursor(cursor))).toEqual(cursor)
  })

  it.each([
    '',
    'at_-1',
    'at_99999999',
    'after_2026-01-01T00:00:00.000Z_x',
    'after_yesterday_01900000-0000-7000-8000-000000000001',
    '1__',
  ])('refuses %j', cursor => {
    expect(() => readFoundCursor(cursor)).toThrow('cursor')
  })
})

describe(wholeNumberOf, () => {
  it.each([
    ['3', 3],
    ['0', 0],
    ['-1', null],
    ['1.5', null],
    ['', null],
    [undefined, null],
    ['x', null],
  ])('%j is %j', (value, number) => {
    expect(wholeNumberOf(value)).toBe(number)
  })
})

describe(toErrorReply, () => {
  const database = (code: string) =>
    Object.assign(new Error('query failed'), { name: 'SequelizeDatabaseError', parent: { code } })

  it('passes a refusal on as it is', () => {
    expect(toErrorReply(new HembixError(refusal('name.empty'))).reason).toEqual(refusal('name.empty'))
  })

  it('says what is wrong with a request', () => {
    expect(toErrorReply(new ValidationError('id is a required field')).reason.message).toBe(
      'This request does not make sense: id is a required field.',
    )
  })

  it.each([
    Object.assign(new Error('x'), { name: 'SequelizeConnectionRefusedError' }),
    database('57P01'),
    database('08006'),
    Object.assign(new Error('x'), { code: 'ECONNREFUSED' }),
    new Error('Connection terminated unexpectedly'),
    Object.assign(new Error('Client has encountered a connection error and is not queryable'), {
      name: 'SequelizeDatabaseError',
      parent: {},
    }),
  ])('knows that the database is away', error => {
    expect(toErrorReply(error).reason.code).toBe('database.away')
  })

  it('says nothing of a fault of ours but where the log has it', () => {
    const reason = toErrorReply(database('42601')).reason
    expect([reason.code, /log knows it as [0-9a-f]{8}/.test(reason.message)]).toEqual(['server.failed', true])
  })
})
