import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId } from '../ids'
import { foldedText } from '../text/index'
import type { Filable } from './index'
import { FilingModel, suggestNames, suggestPlaces, tidyName, titleIn, usualPattern } from './index'

const id = (text: string) => text as FolderId
const paper = (key: string, name: string, text = '', more: Partial<Filable> = {}): Filable => ({
  id: key,
  name,
  text,
  extension: 'pdf',
  origin: 'upload',
  sender: '',
  ...more,
})

const LEASES = [
  'berth lease pontoon holder pays quarterly dues',
  'berth lease mooring holder vessel dues',
  'berth lease signed holder pontoon fenders',
]
const LESSONS = [
  'lesson bowline rope learners tie evening',
  'lesson clove hitch rope learners practise',
  'lesson splice rope learners evening',
]

function known(): FilingModel {
  const model = new FilingModel()
  model.describe([
    { id: id('leases'), text: 'Berth leases' },
    { id: id('lessons'), text: 'Lesson plans' },
    { id: id('empty'), text: 'Insurance of the boathouse' },
  ])
  LEASES.forEach((text, index) => {
    model.put(paper(`l${index}`, `Lease ${index}`, text), [id('leases')])
  })
  LESSONS.forEach((text, index) => {
    model.put(paper(`s${index}`, `Evening ${index}`, text), [id('lessons')])
  })
  return model
}
const called = (name: string) => ({ name, folded: foldedText(name) })
const folders = new Map([
  [id('leases'), called('Berth leases')],
  [id('lessons'), called('Lesson plans')],
  [id('empty'), called('Insurance')],
])
const suggested = (model: FilingModel, document: Filable) => suggestPlaces(model, document, folders)

describe('places', () => {
  it('are those whose documents read alike, with the reason in words', () => {
    const [first] = suggested(known(), paper('n', 'scan 0042', 'berth lease holder pontoon vessel'))
    expect(first).toMatchObject({ folderId: 'leases', reason: 'reads like 3 of 3 documents there' })
    expect(first?.share).toBeGreaterThan(0.5)
  })

  it('are found by the words of the folder where nothing lies in it yet', () => {
    expect(suggested(known(), paper('n', 'Insurance of the boathouse'))[0]).toMatchObject({
      folderId: 'empty',
      reason: 'speaks of “insurance”, as the folder is called',
    })
  })

  it('are never where it lies already', () => {
    const lease = paper('n', 'scan 0042', 'berth lease holder pontoon vessel')
    expect(suggestPlaces(known(), lease, folders, null, [id('leases')]).map(({ folderId }) => folderId)).not.toContain(
      'leases',
    )
    expect(suggestPlaces(new FilingModel(), paper('n', 'insurance'), folders, null, [id('empty')])).toEqual([])
  })

  it('are less certain the less is filed', () => {
    const model = new FilingModel()
    model.put(paper('a', 'Lease of pontoon two'), [id('leases')])
    const [one] = suggested(model, paper('n', 'Lease of pontoon three'))
    for (let count = 0; count < 20; count++)
      model.put(paper(`b${count}`, `Lease of pontoon ${count} again`), [id('leases')])
    const [many] = suggested(model, paper('n', 'Lease of pontoon three'))
    expect(one?.share).toBeLessThan(0.4)
    expect(many?.share).toBeGreaterThan(0.8)
  })

  it('follow the sender', () => {
    const model = known()
    model.put(paper('m', 'Hello', 'nothing of note', { sender: 'Rona Vail <rona@quay.example>' }), [id('lessons')])
    expect(
      suggested(model, paper('n', 'News for you', '', { sender: 'Rona Vail <rona@quay.example>' }))[0],
    ).toMatchObject({ folderId: 'lessons', reason: expect.stringContaining('other documents from Rona Vail') })
  })

  it('are none where they would be a guess', () => {
    expect(suggested(known(), paper('n', 'zzz qqq', 'xxx yyy'))).toEqual([])
    expect(suggested(known(), paper('n', '0042'))).toEqual([])
    expect(suggested(new FilingModel(), paper('n', 'Berth and pontoon'))).toEqual([])
  })

  it('are those that are called like it while nothing is filed yet', () => {
    const drawers = (...all: string[]) => new Map(all.map(name => [id(name), called(name)]))
    const first = (name: string, ...all: string[]) =>
      suggestPlaces(new FilingModel(), paper('n', name), drawers(...all)).map(
        ({ folderId, share, reason }) => `${folderId} ${share.toFixed(2)} ${reason}`,
      )
    expect(first('test 1 oceans', 'Tests', 'Lessons')).toEqual([
      'Tests 0.50 its name has “test”, as the folder is called',
    ])
    expect(first('Hausaufgaben 3. Woche', 'Hausaufgabe', 'Woche der Meere')).toEqual([
      'Hausaufgabe 0.50 its name has “hausaufgaben”, as the folder is called',
    ])
    expect(first('Berth lease 7', 'Berth leases', 'Leases', 'Berth 7 repairs')).toEqual([
      'Berth leases 1.00 its name has “berth” and “lease”, as the folder is called',
    ])
    expect(first('letter to the office', 'Office', 'Letters')).toEqual([
      'Office 0.25 its name has “office”, as the folder is called',
      'Letters 0.25 its name has “letter”, as the folder is called',
    ])
    expect(first('letter', ...[1, 2, 3, 4].map(year => `Letters ${year}`))).toEqual([])
  })

  it('learn from each filing, and from a correction', () => {
    const model = known()
    const letter = (key: string) => paper(key, 'Letter about fenders', 'fenders worn quay office letter reply')
    model.put(letter('a'), [id('leases')])
    expect(suggested(model, letter('n'))[0]?.folderId).toBe('leases')
    model.put(letter('a'), [id('empty')])
    expect(suggested(model, letter('n'))[0]?.folderId).toBe('empty')
  })

  it('lean to where something was filed a minute ago', () => {
    const now = Date.UTC(2026, 10, 25)
    const share = (at: number) => {
      const model = known()
      model.put(paper('r', 'Evening 9', LESSONS[0]), [id('lessons')], at)
      return (
        model.score(paper('n', 'note', 'rope berth'), 3, now).find(({ folderId }) => folderId === 'lessons')?.share ?? 0
      )
    }
    expect(share(now - 60_000)).toBeGreaterThan(share(now - 3_600_000))
  })

  it('are the same after any putting and taking as when made anew from what is left', () => {
    const random = seeded(5)
    const words = ['berth', 'lease', 'rope', 'knot', 'tide', 'radio', 'invoice', 'survey']
    const some = (key: number) => paper(`d${key}`, random.some(words, 2).join(' '), random.some(words, 4).join(' '))
    const folders = ['a', 'b', 'c'].map(id)
    const [lived, filed] = [new FilingModel(), new Map<string, { document: Filable; folders: FolderId[] }>()]
    for (let step = 0; step < 300; step++) {
      const document = some(random.int(0, 30))
      if (random.next() < 0.3) {
        lived.take(document.id)
        filed.delete(document.id)
      } else {
        const places = random.some(folders, random.int(1, 2))
        lived.put(document, places)
        filed.set(document.id, { document, folders: places })
      }
    }
    const anew = new FilingModel()
    for (const { document, folders: places } of filed.values()) anew.put(document, places)
    const round = (model: FilingModel) =>
      model.score(some(99), 3).map(({ folderId, share }) => [folderId, share.toFixed(6)])
    expect(lived.size).toBe(filed.size)
    const request = some(98)
    expect(lived.score(request, 3).map(one => [one.folderId, one.share.toFixed(6)])).toEqual(
      anew.score(request, 3).map(one => [one.folderId, one.share.toFixed(6)]),
    )
    expect(round(lived).length).toBeGreaterThan(0)
  })

  it('hold a filed document against all others but itself', () => {
    const model = known()
    model.put(paper('alone', 'Unheard words', 'quixotic zephyr'), [id('empty')])
    expect(model.score(paper('alone', 'Unheard words', 'quixotic zephyr'), 3)[0]?.folderId).not.toBe('empty')
    expect(model.size).toBe(7)
  })
})

describe('names', () => {
  const text = '# Berth lease: pontoon 7\n\nThis lease is made on 1 October 2026 between …'
  const place = { folder: 'Berth leases', pattern: null, names: ['2026-09-01 Letter', '2026-09-14 Berth lease'] }

  it('are made as those in the folder are', () => {
    expect(suggestNames({ name: 'scan 0042', sender: '', text }, place)).toEqual([
      { name: '2026-10-01 Berth lease: pontoon 7', from: 'date in the text, first line' },
      { name: 'Berth lease: pontoon 7', from: 'first line of the text' },
    ])
  })

  it('follow the pattern of the folder', () => {
    const [first] = suggestNames(
      { name: 'x', sender: 'Rona Vail', text },
      { ...place, pattern: '{number} {title}, {sender} ({date})', names: ['07 Letter'] },
    )
    expect(first?.name).toBe('08 Berth lease: pontoon 7, Rona Vail (2026-10-01)')
  })

  it('leave a pattern out where a part of it is not known', () => {
    expect(
      suggestNames({ name: 'x', sender: '', text: 'Only a heading' }, { ...place, pattern: '{date} {title}' }).map(
        ({ name }) => name,
      ),
    ).toEqual(['Only a heading'])
  })

  it('are none where nothing is better than the present one', () => {
    expect(suggestNames({ name: 'Berth lease', sender: '', text: '' }, null)).toEqual([])
  })

  it('never say a date twice', () => {
    expect(
      suggestNames({ name: 'x', sender: '', text: '2026-10-01 Minutes' }, { ...place, pattern: '{date} {title}' })[0]
        ?.name,
    ).toBe('2026-10-01 Minutes')
  })

  it.each([
    ['Copy of Berth_lease (final) (2)', 'Berth lease'],
    ['Re: Re: sockets', 'sockets'],
    ['scan 0042', ''],
    ['IMG_2231', ''],
    ['Untitled', ''],
    ['Minutes', 'Minutes'],
  ])('%s is tidied to %j', (name, tidied) => expect(tidyName(name)).toBe(tidied))
  it.each([
    ['\n\n  12345\n# Notice: ice.\n', 'Notice: ice'],
    ['', null],
    ['--- ***\n42', null],
    [`${'word '.repeat(40)}`, 'word '.repeat(18).trim()],
  ])('the title of %j is %j', (body, title) => expect(titleIn(body)).toBe(title))
  it('take the usual way of the folder', () =>
    expect([usualPattern(place.names), usualPattern(['Notes']), usualPattern([])]).toEqual([
      '{date} {title}',
      '{title}',
      '{title}',
    ]))
})
