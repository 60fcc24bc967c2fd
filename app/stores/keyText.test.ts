import { describe, expect, it } from 'vitest'
import { isLetterKey, keysPressed, shownKey } from './keyText'

const pressed = (key: string, held: Partial<KeyboardEvent> = {}) =>
  keysPressed({
    key,
    code: '',
    ctrlKey: false,
    metaKey: false,
    altKey: false,
    shiftKey: false,
    ...held,
  } as KeyboardEvent)

describe('a key in words', () => {
  it('names letters without regard to case, and what is held with them', () => {
    expect([pressed('m'), pressed('M'), pressed('x', { ctrlKey: true }), pressed('c', { metaKey: true })]).toEqual([
      ['M'],
      ['M'],
      ['Ctrl+X'],
      ['Ctrl+C'],
    ])
    expect(pressed('Z', { ctrlKey: true, shiftKey: true })).toEqual(['Ctrl+Shift+Z'])
    expect(pressed('R', { shiftKey: true })).toEqual(['Shift+R'])
    expect(pressed('ArrowUp', { altKey: true })).toEqual(['Alt+ArrowUp'])
  })

  it('takes a sign as it is typed, whatever it takes to type it', () => {
    expect(pressed('?', { shiftKey: true })).toEqual(['?'])
    expect(pressed('/', { shiftKey: true, code: 'Digit7' })).toEqual(['/', 'Shift+7'])
  })

  it('knows a digit with Shift by where it is', () => {
    expect(pressed('!', { shiftKey: true, code: 'Digit1' })).toEqual(['!', 'Shift+1'])
    expect(pressed('1', { code: 'Digit1' })).toEqual(['1'])
  })

  it('is shown as it stands on keyboards', () => {
    expect(['Alt+ArrowUp', 'Escape', ' ', 'Ctrl+X', '+', 'F2'].map(shownKey)).toEqual([
      'Alt+↑',
      'Esc',
      'Space',
      'Ctrl+X',
      '+',
      'F2',
    ])
  })

  it('is a letter where it is one sign alone', () => {
    expect(['M', '/', '1', ' ', 'F2', 'Ctrl+X'].map(isLetterKey)).toEqual([true, true, true, false, false, false])
  })
})
