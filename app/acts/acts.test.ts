// The registry of acts, their keys, and the list of keys made from them.

import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { stubBrowser } from '../../tests/support/browserParts'
import { LIST_KEYS } from '../composables/listKeys'
import { useKeys } from '../stores/keys'
import { PAGES } from '../stores/pages'
import type { ActOn } from './act'
import { keyedActs, keyOfAct, keyPartsOf } from './keyList'
import { offer, runPressed } from './offer'
import { PLACE_ACTS, PLAIN_ACTS, THING_ACTS } from './registry'

beforeEach(() => {
  stubBrowser()
  setActivePinia(createPinia())
})

const event = (key: string, held: Partial<KeyboardEvent> = {}) => ({ key, code: '', ...held }) as KeyboardEvent

describe('the registry', () => {
  it('has each id once, and no key twice where both would be heard', () => {
    const acts = keyedActs()
    expect(new Set(acts.map(({ id }) => id)).size).toBe(acts.length)
    for (const page of [THING_ACTS, PLACE_ACTS, PLAIN_ACTS]) {
      const keys = page.flatMap(({ key, also = [] }) => [...(key === undefined ? [] : [key]), ...also])
      expect(new Set(keys).size).toBe(keys.length)
    }
    const [things, places] = [THING_ACTS, PLACE_ACTS].map(acts => new Set(acts.flatMap(({ key }) => key ?? [])))
    expect([...(things ?? [])].filter(key => places?.has(key))).toEqual([])
  })

  it('keeps the parts of menus together', () => {
    for (const acts of [THING_ACTS, PLACE_ACTS]) {
      const parts = acts.map(({ part }) => part).filter((part, index, all) => part !== all[index - 1])
      expect(new Set(parts).size).toBe(parts.length)
    }
  })
})

describe('an offered act', () => {
  const run = vi.fn()
  const act: ActOn<number> = { id: 'try', title: 'Try', key: 'Y', also: ['Ctrl+Y'], part: 'go', run }

  it('is run with its target by each of its keys', () => {
    const offered = offer([act], 7)
    expect([runPressed(offered, event('y')), runPressed(offered, event('y', { ctrlKey: true }))]).toEqual([true, true])
    expect(runPressed(offered, event('x'))).toBe(false)
    expect(run.mock.calls).toEqual([[7], [7]])
  })

  it('is left out where it does not apply, and is silent under keys that are taken', () => {
    expect(offer([{ ...act, applies: (target: number) => target > 7 }], 7)).toEqual([])
    expect(offer([act], 7, ['Y'])[0]).toMatchObject({ key: 'Ctrl+Y', keys: ['Ctrl+Y'] })
  })

  it('hears the key that was chosen in Settings, and no single letter where those are off', () => {
    const keys = useKeys()
    keys.setKey('try', 'Q')
    expect(offer([act], 7)[0]).toMatchObject({ key: 'Q', keys: ['Q', 'Ctrl+Y'] })
    keys.areLettersHeard = false
    expect(offer([act], 7)[0]).toMatchObject({ key: 'Ctrl+Y', keys: ['Ctrl+Y'] })
    keys.setKey('try', null)
    keys.areLettersHeard = true
    expect(offer([act], 7)[0]?.key).toBe('Y')
    keys.setKey('try', '')
    expect(offer([act], 7)[0]?.keys).toEqual(['Ctrl+Y'])
    keys.reset()
    expect([keys.isChanged, offer([act], 7)[0]?.key]).toEqual([false, 'Y'])
  })
})

describe('the list of keys', () => {
  const headsOf = (page: string) => keyPartsOf(page).map(({ head }) => head)

  it('holds for every page what holds there, and everywhere the same', () => {
    expect(headsOf('plan-folder')).toEqual([
      'Here',
      'On what is chosen',
      'In the open place',
      'In the outline',
      'In lists',
      'Everywhere',
    ])
    expect(headsOf('history')).toEqual(['Everywhere'])
    expect(headsOf('no such page')).toEqual(['Everywhere'])
    for (const page of Object.keys(PAGES)) expect(headsOf(page).at(-1)).toBe('Everywhere')
  })

  it('follows what was changed', () => {
    useKeys().setKey('move', 'F8')
    const lines = keyPartsOf('find').flatMap(({ keys }) => keys)
    expect(lines.find(({ id }) => id === 'move')).toEqual({ id: 'move', key: 'F8', what: 'Move to…' })
    expect(lines.filter(({ id }) => id in LIST_KEYS).length).toBe(Object.keys(LIST_KEYS).length)
  })

  it('gives the key that stands beside an act, as it is now', () => {
    const keys = useKeys()
    expect([keyOfAct('in-tray.after'), keyOfAct('move'), keyOfAct('story'), keyOfAct('no act')]).toEqual([
      '→',
      'M',
      '',
      '',
    ])
    keys.setKey('move', 'F8')
    keys.areLettersHeard = false
    expect([keyOfAct('move'), keyOfAct('tag')]).toEqual(['F8', ''])
  })
})
