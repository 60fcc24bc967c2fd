import { describe, expect, it } from 'vitest'
import { matchActs } from './matchActs'

const acts = ['Put into Trash', 'Put into a bundle…', 'Go to Trash', 'Rename', 'Look: dark'].map(name => ({ name }))
const found = (typed: string) => matchActs(acts, typed).map(({ name }) => name)

describe('acts by a few letters', () => {
  it('are those of which every typed word begins a word', () => {
    expect(found('tra')).toEqual(['Put into Trash', 'Go to Trash'])
    expect(found('trash go')).toEqual(['Go to Trash'])
    expect(found('dark')).toEqual(['Look: dark'])
    expect(found('ash')).toEqual([])
  })

  it('come closest first, whatever the case', () => {
    expect(found('PUT IN')).toEqual(['Put into Trash', 'Put into a bundle…'])
    expect(found('t p')).toEqual(['Put into Trash'])
    expect(found('g')).toEqual(['Go to Trash'])
  })

  it('that take something away come last', () => {
    const [away, go] = [{ name: 'Trash it', isLast: true }, { name: 'Go to Trash' }]
    expect(matchActs([away, go], 'trash')).toEqual([go, away])
  })

  it('are none before a letter is typed', () => {
    expect(found(' ')).toEqual([])
  })
})
