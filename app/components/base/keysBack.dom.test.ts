import { afterEach, describe, expect, it } from 'vitest'
import { rememberKeys } from './keysBack'

const lay = (html: string) => (document.body.innerHTML = html)
const focus = (selector: string) => document.querySelector<HTMLElement>(selector)?.focus()
const focused = () => document.activeElement?.id
afterEach(() => lay(''))

const ROWS = '<p data-key="d:1"><button id="one">1</button></p><input id="name" />'
const SHEET = '<div class="v-overlay"><button id="leave">Leave</button></div>'

describe('the keys after a sheet', () => {
  it('are with whoever had them before', async () => {
    lay(ROWS + SHEET)
    focus('#one')
    const giveBack = rememberKeys()
    focus('#leave')
    await giveBack()
    expect(focused()).toBe('one')
  })

  it('stay with what took them meanwhile', async () => {
    lay(ROWS + SHEET)
    focus('#one')
    const giveBack = rememberKeys()
    focus('#name')
    await giveBack()
    expect(focused()).toBe('name')
  })

  it('are not with a button that had them by chance', async () => {
    lay(`<button id="add">Add</button>${SHEET}`)
    focus('#add')
    const giveBack = rememberKeys()
    focus('#leave')
    await giveBack()
    expect(focused()).toBe('leave')
  })

  it('are with the button that keys pressed to open it', async () => {
    lay(`<button id="give">Give</button>${SHEET}`)
    focus('#give')
    document.querySelector('#give')?.dispatchEvent(new MouseEvent('click', { bubbles: true, detail: 0 }))
    const giveBack = rememberKeys()
    focus('#leave')
    await giveBack()
    expect(focused()).toBe('give')
  })

  it('are with the same row where it was drawn anew', async () => {
    lay(ROWS + SHEET)
    focus('#one')
    const giveBack = rememberKeys()
    lay('<p data-key="d:1" id="again" tabindex="-1">1</p>')
    await giveBack()
    await new Promise(resolve => requestAnimationFrame(resolve))
    expect(focused()).toBe('again')
  })
})
