import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countTicks, ticksIn, withTick } from './checklist'

const LIST = [
  '# Winter',
  '- [ ] Order cleats',
  '  1. [x] Lift the anchor',
  '> * [X] Tell Orla',
  'no [ ] tick',
  '',
].join('\n')

describe('a list to tick', () => {
  it('is told from text, and knows what is done', () => {
    expect(ticksIn(LIST)).toEqual([
      { line: 1, isDone: false },
      { line: 2, isDone: true },
      { line: 3, isDone: true },
    ])
    expect(ticksIn('- [ ]')).toEqual([])
    expect(ticksIn('- [ ]x')).toEqual([])
  })

  it('is none within code', () => {
    expect(ticksIn('```\n- [ ] not this\n```\n- [ ] this')).toEqual([{ line: 3, isDone: false }])
    expect(ticksIn('~~~~\n- [ ] not\n~~~\n- [ ] nor this\n~~~~\n- [x] this')).toEqual([{ line: 5, isDone: true }])
  })

  it('is ticked, and nothing else of the text is touched', () => {
    expect(withTick(LIST, 0, true)).toBe(LIST.replace('- [ ] Order', '- [x] Order'))
    expect(withTick(LIST, 1, false)).toBe(LIST.replace('1. [x]', '1. [ ]'))
    expect(withTick(LIST, 9, true)).toBe(LIST)
  })

  it('says afterwards what was ticked, whatever the text', () => {
    const line = fc.constantFrom('- [ ] a', '* [x] b', '3) [X] c', '```', '~~~', 'text', '> - [ ] d', '\r')
    fc.assert(
      fc.property(fc.array(line), fc.nat(8), fc.boolean(), (lines, index, isDone) => {
        const before = lines.join('\n')
        const after = ticksIn(withTick(before, index, isDone))
        expect(after).toEqual(ticksIn(before).map((tick, at) => (at === index ? { ...tick, isDone } : tick)))
      }),
    )
  })
})

describe(countTicks, () => {
  it('says how much is done, and nothing of a text without a list', () => {
    expect([countTicks('- [x] cleats\n- [ ] rope\n- [X] paint'), countTicks('no list')]).toEqual([
      { all: 3, done: 2 },
      { all: 0, done: 0 },
    ])
  })
})
