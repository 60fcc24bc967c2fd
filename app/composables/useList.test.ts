import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import type { ListItem } from './useList'
import { useList } from './useList'

const items = ref<ListItem[]>([])
let loaded = 0
let list: ReturnType<typeof useList<ListItem>>
const shown: string[] = []
const given: string[] = []

beforeEach(() => {
  items.value = ['Anchor', 'Berth', 'Buoy', 'Chart', 'Crane'].map(name => ({ key: name[0] + name.slice(1, 3), name }))
  loaded = 0
  shown.length = 0
  given.length = 0
  list = useList({
    items,
    typing: true,
    reveal: key => shown.push(key),
    give: key => given.push(key),
    loadAll: () => {
      loaded++
      return Promise.resolve()
    },
  })
})

const event = (key: string, more: Partial<KeyboardEvent> = {}) =>
  ({ key, shiftKey: false, ctrlKey: false, metaKey: false, altKey: false, timeStamp: 0, ...more }) as KeyboardEvent
const click = (more: Partial<MouseEvent> = {}) =>
  ({ shiftKey: false, ctrlKey: false, metaKey: false, ...more }) as MouseEvent
const selected = () => [...list.selected.value].sort()

describe('what is read aloud', () => {
  it('is the row to which one walks or jumps, and not the one that is clicked or shown', () => {
    list.focus('Buo')
    list.click('Ber', click())
    expect(given).toEqual([])
    list.press(event('ArrowDown'))
    list.press(event('Home'))
    list.press(event('c', { timeStamp: 5000 }))
    expect(given).toEqual(['Buo', 'Anc', 'Cha'])
  })

  it('is a row that Tab reaches, unless another is meant already', () => {
    list.reached({ target: null } as FocusEvent)
    expect(list.focused.value).toBeNull()
    list.focus('Ber')
    list.reached({ target: null } as FocusEvent)
    expect(list.focused.value).toBe('Ber')
  })
})

describe('clicking', () => {
  it('selects one and no other', () => {
    list.click('Ber', click())
    list.click('Cha', click())
    expect(selected()).toEqual(['Cha'])
  })

  it('with Ctrl adds and takes away', () => {
    list.click('Ber', click())
    list.click('Cha', click({ ctrlKey: true }))
    list.click('Ber', click({ ctrlKey: true }))
    expect(selected()).toEqual(['Cha'])
  })

  it('with Shift selects the run from where it began, in both directions', () => {
    list.click('Buo', click())
    list.click('Cra', click({ shiftKey: true }))
    expect(selected()).toEqual(['Buo', 'Cha', 'Cra'])
    list.click('Anc', click({ shiftKey: true }))
    expect(selected()).toEqual(['Anc', 'Ber', 'Buo'])
  })

  it('with Ctrl and Shift adds a run', () => {
    list.click('Anc', click())
    list.click('Cha', click({ ctrlKey: true }))
    list.click('Cra', click({ ctrlKey: true, shiftKey: true }))
    expect(selected()).toEqual(['Anc', 'Cha', 'Cra'])
  })
})

describe('keys', () => {
  it('walk, and take the selection along', () => {
    list.press(event('ArrowDown'))
    list.press(event('ArrowDown'))
    expect([list.focused.value, selected()]).toEqual(['Ber', ['Ber']])
    list.press(event('ArrowUp'))
    expect(list.focused.value).toBe('Anc')
    list.press(event('ArrowUp'))
    expect(list.focused.value).toBe('Anc')
  })

  it('with Shift select a run; with Ctrl walk without selecting', () => {
    list.click('Ber', click())
    list.press(event('ArrowDown', { shiftKey: true }))
    list.press(event('ArrowDown', { shiftKey: true }))
    expect(selected()).toEqual(['Ber', 'Buo', 'Cha'])
    list.press(event('ArrowDown', { ctrlKey: true }))
    expect([list.focused.value, selected()]).toEqual(['Cra', ['Ber', 'Buo', 'Cha']])
  })

  it('Space selects and unselects what is in focus', () => {
    list.press(event('ArrowDown', { ctrlKey: true }))
    list.press(event(' '))
    expect(selected()).toEqual(['Anc'])
    list.press(event(' '))
    expect(selected()).toEqual([])
  })

  it('Home and End go to the ends, and End loads what is not there yet', async () => {
    list.press(event('End'))
    await nextTick()
    expect([list.focused.value, loaded]).toEqual(['Cra', 1])
    list.press(event('Home'))
    expect([list.focused.value, shown.at(-1)]).toEqual(['Anc', 'Anc'])
  })

  it('Ctrl+A selects all, Esc nothing; a second Esc is left to others', async () => {
    expect(list.press(event('a', { ctrlKey: true }))).toBe(true)
    await nextTick()
    expect([selected().length, loaded]).toEqual([5, 1])
    expect([list.press(event('Escape')), selected().length, list.press(event('Escape'))]).toEqual([true, 0, false])
  })

  it('letters jump to names, one after the other for the same letter', () => {
    list.press(event('b'))
    expect(list.focused.value).toBe('Ber')
    list.press(event('b', { timeStamp: 5000 }))
    expect(list.focused.value).toBe('Buo')
    list.press(event('c', { timeStamp: 10_000 }))
    list.press(event('r', { timeStamp: 10_100 }))
    expect(list.focused.value).toBe('Cra')
    expect(list.press(event('x', { timeStamp: 20_000 }))).toBe(false)
  })
})

describe('what is targetItems', () => {
  it('is the selection, else what is in focus', () => {
    list.focus('Buo')
    expect(list.targetItems.value.map(item => item.key)).toEqual(['Buo'])
    list.click('Ber', click())
    list.click('Cra', click({ ctrlKey: true }))
    expect(list.targetItems.value.map(item => item.key)).toEqual(['Ber', 'Cra'])
  })

  it('forgets what is no longer in the list', async () => {
    list.click('Ber', click())
    items.value = items.value.filter(item => item.key !== 'Ber')
    await nextTick()
    expect([selected(), list.focused.value]).toEqual([[], null])
  })
})
