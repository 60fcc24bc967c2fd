import { describe, expect, it } from 'vitest'
import type { OrderId } from '../ids'
import type { Order, OrderWhen } from '../rows/index'
import type { Arrival } from './index'
import { fitsOrder, orderFor, whenText } from './index'

const NOTHING: OrderWhen = { origins: [], types: [], sender: '', words: '' }
const arrival: Arrival = {
  name: 'Offer 4417',
  extension: 'pdf',
  origin: 'mail',
  sender: 'Mistral Paint Yard <orders@mistral.example>',
  text: 'Two coats on the boathouse doors. Größe 4.',
}
const order = (name: string, orderKey: string, when: Partial<OrderWhen>, active = true): Order => ({
  id: name as OrderId,
  name,
  orderKey,
  active,
  when: { ...NOTHING, ...when },
  then: { folderId: null, pattern: null, tags: [], star: true },
})

describe(fitsOrder, () => {
  it.each<[Partial<OrderWhen>, boolean]>([
    [{}, false],
    [{ sender: '  ', words: '!' }, false],
    [{ origins: ['mail'] }, true],
    [{ origins: ['scan', 'mail'] }, true],
    [{ origins: ['scan'] }, false],
    [{ types: ['pdf'] }, true],
    [{ types: ['picture'] }, false],
    [{ sender: 'mistral' }, true],
    [{ sender: 'orders@mistral.example' }, true],
    [{ sender: 'harl' }, false],
    [{ words: 'doors offer' }, true],
    [{ words: 'coat' }, true],
    [{ words: 'oats' }, false],
    [{ words: 'grosse' }, true],
    [{ origins: ['mail'], types: ['picture'] }, false],
    [{ origins: ['mail'], types: ['pdf'], sender: 'yard', words: 'boathouse' }, true],
  ])('%j: %s', (when, fits) => expect(fitsOrder({ ...NOTHING, ...when }, arrival)).toBe(fits))
})

describe(orderFor, () => {
  it('is the first that is on and fits', () => {
    expect(
      orderFor(
        [
          order('last', 'a2', { origins: ['mail'] }),
          order('first', 'a1', { types: ['pdf'] }),
          order('off', 'a0', { types: ['pdf'] }, false),
        ],
        arrival,
      )?.name,
    ).toBe('first')
    expect(orderFor([order('other', 'a0', { words: 'regatta' })], arrival)).toBeNull()
  })
})

describe(whenText, () => {
  it('says the condition in words', () => {
    const text = (when: Partial<OrderWhen>) =>
      whenText(
        { ...NOTHING, ...when },
        type => type.toUpperCase(),
        origin => origin,
      )
    expect([text({}), text({ origins: ['mail', 'scan'], types: ['pdf'], sender: 'Mistral', words: 'doors' })]).toEqual([
      'nothing yet',
      'by mail or scan, from Mistral, PDF, with “doors”',
    ])
  })
})
