import { describe, expect, it } from 'vitest'
import { fillersOf } from './fillers'

const told = (text: string, word: string) => fillersOf(text.split(' '))(word)

describe('filler words', () => {
  it('are those of the language of the text', () => {
    expect(told('the lease of the berth is signed', 'the')).toBe(true)
    expect(told('der vertrag und die liste sind da', 'und')).toBe(true)
    expect(told('les contrats et la liste sont la', 'et')).toBe(true)
  })

  it('leave words of other languages alone', () => {
    expect(told('the war and the peace', 'war')).toBe(false)
    expect(told('the lease of the berth', 'lease')).toBe(false)
  })

  it('are none where the words do not say which language it is', () => {
    expect(told('pontoon seven die', 'die')).toBe(false)
    expect(told('', 'the')).toBe(false)
  })
})
