import { describe, expect, it } from 'vitest'
import { suggest } from './suggest'
import { foldedText } from './words'

const items = ['signed', 'to sign', 'renewal', 'Größe', 'sent'].map(name => ({ name, folded: foldedText(name) }))
const names = (typed: string) =>
  suggest(items, typed, 5).map(({ item, isNear }) => (isNear ? `~${item.name}` : item.name))

describe(suggest, () => {
  it.each([
    ['sig', ['signed', 'to sign']],
    ['SI', ['signed', 'to sign']],
    ['grosse', ['Größe']],
    ['renewla', ['~renewal']],
    ['sigend', ['~signed']],
    ['zzzz', []],
    ['', ['signed', 'to sign', 'renewal', 'Größe', 'sent']],
  ])('%j offers %j', (typed, offered) => expect(names(typed)).toEqual(offered))

  it('gives no more than asked for', () => expect(suggest(items, '', 2)).toHaveLength(2))
})
