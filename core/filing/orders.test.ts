import { describe, expect, it } from 'vitest'
import type { Rule, SearchableDocument } from '../find/index'
import type { OrderId } from '../ids'
import type { Order, OrderWhen } from '../rows/index'
import type { Arrival } from './index'
import { findsIn, fitsOrder, orderFor, whenText } from './index'

const NOTHING: OrderWhen = { origins: [], types: [], sender: '', words: '' }
const arrival: Arrival = {
  name: 'Offer 4417',
  extension: 'pdf',
  origin: 'mail',
  sender: 'Mistral Paint Yard <orders@mistral.example>',
  text: 'Two coats on the boathouse doors. Größe 4.',
}
const document: SearchableDocument = {
  folded: 'offer 4417',
  remark: '',
  sender: 'mistral paint yard',
  author: 'maria lund',
  number: '',
  tagWords: '',
  pages: [],
  language: 'en',
  reading: 'read',
  extension: 'pdf',
  size: 2000,
  folderIds: [],
  meaningId: null,
  changedAt: null,
  addedAt: null,
  openedAt: null,
  starredAt: null,
  datedAt: null,
  starred: false,
  tagIds: [],
  origin: 'mail',
  twin: false,
}
const larger = (from: number): Rule => ({ kind: 'size', from, before: null })
const BY_LUND: Rule = { kind: 'text', field: 'author', op: 'contains', value: 'Lund' }
const finds = findsIn(document, {
  below: () => [],
  meaningOf: () => null,
  coloured: () => [],
  now: '2026-03-01T00:00:00.000Z',
})
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
    [{ rule: larger(1000) }, true],
    [{ rule: larger(5000) }, false],
    [{ rule: BY_LUND }, true],
    [{ origins: ['scan'], rule: larger(1000) }, false],
    [{ rule: { kind: 'of another version' } }, false],
    [{ origins: ['mail'], types: ['pdf'], sender: 'yard', words: 'boathouse' }, true],
  ])('%j: %s', (when, fits) => expect(fitsOrder({ ...NOTHING, ...when }, arrival, finds)).toBe(fits))
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
        finds,
      )?.name,
    ).toBe('first')
    expect(orderFor([order('other', 'a0', { words: 'regatta' })], arrival, finds)).toBeNull()
  })
})

describe(whenText, () => {
  it('says the condition in words', () => {
    const text = (when: Partial<OrderWhen>) =>
      whenText(
        { ...NOTHING, ...when },
        type => type.toUpperCase(),
        origin => origin,
        rule => String(rule.kind),
      )
    expect([
      text({}),
      text({ rule: { kind: 'star' } }),
      text({ origins: ['mail', 'scan'], types: ['pdf'], sender: 'Mistral', words: 'doors' }),
    ]).toEqual(['nothing yet', 'star', 'by mail or scan, from Mistral, PDF, with “doors”'])
  })
})
