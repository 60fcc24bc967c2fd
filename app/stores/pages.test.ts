import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Page } from './pages'
import { PAGES, pageOf, TABS } from './pages'

describe('the list of pages', () => {
  it('has every page, under the name that its file gives the route', () => {
    const files = readdirSync('app/pages', { recursive: true, encoding: 'utf8' })
      .filter(file => file.endsWith('.vue'))
      .map(file =>
        file
          .replace(/\.vue$/, '')
          .replaceAll(/[[\]]/g, '')
          .replaceAll('/', '-')
          .replace(/-index$/, ''),
      )
    expect(Object.keys(PAGES).sort()).toEqual(files.sort())
  })

  it('says of each where it stands', () => {
    const tabs = new Set(TABS.map(({ name }) => name))
    for (const { title, tab, help } of Object.values<Page>(PAGES)) {
      expect([title !== '', help.endsWith('.'), tab === null || tabs.has(tab)]).toEqual([true, true, true])
    }
    expect(pageOf('no such page')).toBeUndefined()
  })
})
