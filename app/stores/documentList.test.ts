import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { refusal } from '../../core/errors'
import type { StandIn } from '../../tests/support/replies'
import { standIn } from '../../tests/support/replies'
import { sortedBy, useDocumentList } from './documentList'
import { FIRST_SETTINGS, useView } from './view'

let server: StandIn

beforeEach(() => {
  server = standIn()
})
afterEach(() => vi.unstubAllGlobals())

describe(useDocumentList, () => {
  const row = (id: string) => ({ id })

  it('loads pages one after the other and all of them when asked', async () => {
    server.answers = {
      'GET /api/documents': ({ url }) => ({
        body: url.includes('cursor=two')
          ? { documents: [row('c')], next: null }
          : url.includes('cursor=one')
            ? { documents: [row('b')], next: 'two' }
            : { documents: [row('a')], next: 'one' },
      }),
    }
    const documentList = useDocumentList()
    await documentList.open('folder')
    expect(documentList.rows.map(({ id }) => id)).toEqual(['a'])
    await documentList.all()
    expect([documentList.rows.map(({ id }) => id), await documentList.more()]).toEqual([['a', 'b', 'c'], false])
  })

  it('turns the order around on the second click, and begins with the newest and largest', async () => {
    server.answers = { 'GET /api/documents': { body: { documents: [], next: null } } }
    const documentList = useDocumentList()
    await documentList.open('folder')
    await documentList.setSettings(sortedBy(documentList.settings, 'changed'))
    await documentList.setSettings(sortedBy(documentList.settings, 'changed'))
    await documentList.setSettings(sortedBy(documentList.settings, 'name'))
    expect(
      server.request
        .map(url => new URLSearchParams(url.split('?')[1]))
        .map(query => `${query.get('sort')} ${query.get('descending')}`),
    ).toEqual(['name false', 'changed true', 'changed false', 'name false'])
  })

  it('is a search where it is grouped, keeps how each folder is shown, and forgets nothing of it', async () => {
    const found = (id: string, group: string) => ({ id, group })
    server.answers = {
      'GET /api/documents': { body: { documents: [row('z')], next: null } },
      'GET /api/find': ({ url }) => ({
        body: url.includes('cursor=n')
          ? { documents: [found('c', 'text')], next: null }
          : { documents: [found('a', 'pdf'), found('b', 'pdf')], next: 'n' },
      }),
    }
    const [documentList, view] = [useDocumentList(), useView()]
    await documentList.open('one')
    await documentList.setSettings({ group: 'type', view: 'grid' })
    const query = new URLSearchParams(server.request.at(-1)?.split('?')[1])
    expect([query.get('group'), query.get('sort'), query.get('rule')]).toEqual([
      'type',
      'name',
      '{"kind":"place","folderId":"one","below":false}',
    ])
    expect([documentList.rows.map(({ id }) => id), [...documentList.groups]]).toEqual([
      ['a', 'b', 'c'],
      [
        ['a', 'pdf'],
        ['b', 'pdf'],
        ['c', 'text'],
      ],
    ])
    await documentList.open('two')
    expect([documentList.settings, documentList.rows.map(({ id }) => id), documentList.groups.size]).toEqual([
      FIRST_SETTINGS,
      ['z'],
      0,
    ])
    await documentList.open('one')
    expect([documentList.settings.group, view.settingsOf('one').view]).toEqual(['type', 'grid'])
    await nextTick()
    setActivePinia(createPinia())
    expect(useView().settingsOf('one')).toEqual({ view: 'grid', group: 'type', sort: 'name', descending: false })
  })

  it('says why a place cannot be shown', async () => {
    server.answers = { 'GET /api/documents': { status: 404, body: refusal('notFound') } }
    const documentList = useDocumentList()
    await documentList.open('gone')
    expect(documentList.loaded.state === 'error' && documentList.loaded.reason.code).toBe('notFound')
  })
})
