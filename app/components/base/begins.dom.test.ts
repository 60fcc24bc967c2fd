import { describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { beginIn } from './begins'

function drawn(html: string): HTMLElement {
  const part = document.createElement('div')
  part.innerHTML = html
  document.body.append(part)
  return part
}

describe('where one begins', () => {
  it('is the field inside of what is marked, or what is marked itself', async () => {
    const field = drawn('<i data-begins><input type="hidden"><input id="first"></i><input id="second">')
    await beginIn(() => field)
    expect(document.activeElement?.id).toBe('first')
    const act = drawn('<input><button id="leave" data-begins>Leave it</button>')
    await beginIn(() => act)
    expect(document.activeElement?.id).toBe('leave')
  })

  it('waits until it is drawn', async () => {
    const late = drawn('')
    const begun = beginIn(() => late)
    await nextTick()
    late.innerHTML = '<textarea id="late" data-begins></textarea>'
    await begun
    expect(document.activeElement?.id).toBe('late')
  })

  it('takes the keys from nobody where nothing is marked', async () => {
    const page = drawn('<input id="other"><p></p>')
    page.querySelector('input')?.focus()
    await beginIn(() => page.querySelector('p'))
    await beginIn(() => null)
    expect(document.activeElement?.id).toBe('other')
  })
})
