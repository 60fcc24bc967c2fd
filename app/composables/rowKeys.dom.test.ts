import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it } from 'vitest'
import { computed, nextTick, ref } from 'vue'
import { createVuetify } from 'vuetify'
import { VBtn } from 'vuetify/components'
import SkipLink from '../components/shell/SkipLink.vue'
import { giveRowKeys, keysAt, rowReached, rowTab } from './rowKeys'
import { useSelection } from './useSelection'

const frames = (count: number) =>
  new Promise<void>(resolve => {
    const next = (left: number) => (left === 0 ? resolve() : void requestAnimationFrame(() => next(left - 1)))
    next(count)
  })
const lay = (html: string) => (document.body.innerHTML = html)
afterEach(() => lay(''))

describe('a row that is walked to', () => {
  it('gets the focus of the browser', async () => {
    lay('<p data-key="d:1" tabindex="-1">One</p><p data-key="d:2" tabindex="-1">Two</p>')
    giveRowKeys('d:2')
    await frames(2)
    expect(document.activeElement?.textContent).toBe('Two')
  })

  it('gets it when it is drawn some frames later, and the last one where keys were faster', async () => {
    lay('<p data-key="d:1" tabindex="-1">One</p>')
    giveRowKeys('d:9')
    giveRowKeys('d:8')
    await frames(3)
    document.body.insertAdjacentHTML(
      'beforeend',
      '<p data-key="d:8" tabindex="-1">Eight</p><p data-key="d:9" tabindex="-1">Nine</p>',
    )
    await frames(3)
    expect(document.activeElement?.textContent).toBe('Eight')
  })

  it('is the one that Tab reaches; the first while none is', () => {
    const tabs = (focused: string | null) => ['d:1', 'd:2'].map((key, index) => rowTab(focused, key, index))
    expect([tabs(null), tabs('d:2')]).toEqual([
      [0, -1],
      [-1, 0],
    ])
  })

  it('is told from what lies in it', () => {
    lay('<p data-key="d:1"><b>in it</b></p>')
    const reached = (selector: string) =>
      rowReached({ target: document.querySelector(selector) } as unknown as FocusEvent)
    expect([reached('p'), reached('b')]).toEqual(['d:1', null])
  })
})

describe('the way past the outline', () => {
  it('leads to the heading of the page', async () => {
    lay('<main><h1>Outline</h1><div data-skip-to><h1>1.1 Berth leases</h1></div></main><div id="at"></div>')
    const link = mount(SkipLink, { attachTo: '#at', global: { plugins: [createVuetify({ components: { VBtn } })] } })
    await link.trigger('click')
    expect(document.activeElement?.textContent).toBe('1.1 Berth leases')
    link.unmount()
  })
})

describe('what becomes of the keys of a row that goes', () => {
  const LIST = '<p data-key="a" tabindex="0">A</p><p data-key="b" tabindex="0">B</p><p data-key="c" tabindex="0">C</p>'
  const SHEET = '<div class="v-overlay"><button id="over">Move</button></div><button id="beside">Find</button>'

  /** The list without `gone`, which keys meant while the focus was with `at`. */
  async function without(gone: string, at: string) {
    lay(LIST + SHEET)
    document.querySelector<HTMLElement>(at)?.focus()
    const items = ref(['a', 'b', 'c'].map(key => ({ key, name: key })))
    const index = computed(() => new Map(items.value.map(({ key }, place) => [key, place])))
    const given: string[] = []
    const { focused } = useSelection(
      items,
      index,
      () => Promise.resolve(),
      key => given.push(key),
    )
    focused.value = gone
    items.value = items.value.filter(({ key }) => key !== gone)
    await nextTick()
    return [focused.value, given]
  }

  it('goes to the one behind it, else to the one before it', async () => {
    expect(await without('b', '[data-key=b]')).toEqual(['c', ['c']])
    expect(await without('c', '[data-key=c]')).toEqual(['b', ['b']])
  })

  it('is not taken from a sheet over the list, nor from what stands elsewhere', async () => {
    expect(await without('b', '#over')).toEqual(['c', []])
    expect(await without('b', '#beside')).toEqual([null, []])
    expect(keysAt('a')).toBe('elsewhere')
  })
})
