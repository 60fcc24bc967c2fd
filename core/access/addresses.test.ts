import { describe, expect, it } from 'vitest'
import { addressesIn } from './index'

describe('addresses as they are written down', () => {
  it.each([
    ['', []],
    ['per@harbour.example', ['per@harbour.example']],
    [
      ' per@harbour.example, Odo@Quay.Example;sanna@quay.example ',
      ['per@harbour.example', 'odo@quay.example', 'sanna@quay.example'],
    ],
    ['Per Aske <per@harbour.example>, Odo Lind <odo@quay.example>', ['per@harbour.example', 'odo@quay.example']],
    ['Per Aske <per@harbour.example>; odo@quay.example', ['per@harbour.example', 'odo@quay.example']],
    ['per@harbour.example PER@harbour.example', ['per@harbour.example']],
    ['one@a.example\ntwo+tag@b.c.example', ['one@a.example', 'two+tag@b.c.example']],
  ])('%j', (text, addresses) => {
    expect(addressesIn(text)).toEqual({ addresses, wrong: [] })
  })

  it('say what is none', () => {
    expect(addressesIn('per@harbour.example, sanna, odo@quay, a@b@c.example')).toEqual({
      addresses: ['per@harbour.example'],
      wrong: ['sanna', 'odo@quay', 'a@b@c.example'],
    })
  })

  it('never hold what would begin another line or address of a message', () => {
    const { addresses } = addressesIn('a@b.example\r\nBcc: all@b.example, "x"@y.example, <c@d.example')
    expect(addresses).toEqual(['a@b.example', 'all@b.example'])
  })
})
