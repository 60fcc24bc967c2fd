import { describe, expect, it } from 'vitest'
import type { Orderable } from './order'
import { orderFound } from './order'
import type { Candidate } from './rank'
import { mostWithoutName, scoreOf, spotsOf } from './rank'
import { seeded } from '../../demo/random'
import type { FolderId } from '../ids'

const NOW = '2026-03-01T00:00:00.000Z'
const paper = (more: Partial<Candidate>): Candidate => ({
  folded: '',
  tagWords: '',
  remark: '',
  sender: '',
  heads: '',
  page: '',
  changedAt: '2025-01-01T00:00:00.000Z',
  starred: false,
  visits: 0,
  near: false,
  ...more,
})
const words = (...texts: string[]) => texts.map(text => ({ text, prefix: false }))

describe(scoreOf, () => {
  const order = (terms: ReturnType<typeof words>, papers: Record<string, Partial<Candidate>>) =>
    Object.entries(papers)
      .map(([name, more]) => ({ name, score: scoreOf(paper(more), terms, NOW) }))
      .sort((a, b) => b.score - a.score)
      .map(({ name }) => name)

  it('puts the name before tags, headings, remark and text', () => {
    expect(
      order(words('lease'), {
        text: { page: ' a lease of the quay ' },
        remark: { remark: 'lease' },
        heading: { heads: 'lease' },
        tag: { tagWords: 'lease' },
        name: { folded: 'berth lease' },
      }),
    ).toEqual(['name', 'tag', 'heading', 'remark', 'text'])
  })

  it('puts the word itself before its beginning and its forms', () => {
    expect(
      order([{ text: 'lease', prefix: true }], {
        form: { folded: 'leasing berths' },
        itself: { folded: 'lease berths' },
        beginning: { folded: 'leaseholder berths' },
      }),
    ).toEqual(['itself', 'beginning', 'form'])
  })

  it('prefers words that stand close together in the text', () => {
    const far = ` shore ${'x '.repeat(60)}power `
    expect(
      order(words('shore', 'power'), { far: { page: far }, close: { page: ` ${'x '.repeat(60)}shore power ` } }),
    ).toEqual(['close', 'far'])
  })

  it('prefers the fresh, the starred, the often opened and the near, all else alike', () => {
    const same = { folded: 'lease' }
    for (const better of [{ changedAt: NOW }, { starred: true }, { visits: 9 }, { near: true }])
      expect(order(words('lease'), { plain: same, better: { ...same, ...better } })).toEqual(['better', 'plain'])
  })

  it('prefers the whole name to a part of one', () => {
    expect(
      order(words('berth', 'lease'), {
        turned: { folded: 'lease of a berth' },
        part: { folded: 'berth lease 2026' },
        whole: { folded: 'berth lease' },
      }),
    ).toEqual(['whole', 'part', 'turned'])
  })
})

describe(mostWithoutName, () => {
  const random = seeded(3)
  const texts = [
    '',
    'berth',
    'berths lease',
    'lease of the quay',
    'lease',
    'leasing berth power',
    'power',
    'berth lease power',
  ]
  const some = (): Partial<Candidate> => ({
    remark: random.pick(texts),
    sender: random.pick(texts),
    heads: random.pick(texts),
    page: ` ${random.pick(texts)} `,
    changedAt: random.pick([NOW, '2020-01-01T00:00:00.000Z']),
    starred: random.next() < 0.5,
    visits: random.int(0, 40),
    near: random.next() < 0.5,
  })

  it('is the most for a document with the words elsewhere only, and less than a name that says just that', () => {
    for (const terms of [words('lease'), words('berth', 'lease'), words('berth', 'lease', 'power')]) {
      const scores = Array.from({ length: 500 }, () => scoreOf(paper(some()), terms, NOW))
      expect(Math.max(...scores)).toBeLessThanOrEqual(mostWithoutName(terms))
      expect(scoreOf(paper({ folded: terms.map(({ text }) => text).join(' ') }), terms, NOW)).toBeGreaterThan(
        mostWithoutName(terms),
      )
    }
  })
})

describe(spotsOf, () => {
  it('says where each word stands best', () => {
    expect(
      spotsOf(
        paper({ folded: 'berth lease', page: ' berth power ', sender: 'harbour office' }),
        words('leases', 'power', 'office'),
      ),
    ).toEqual(['name', 'sender', 'text'])
  })
})

describe(orderFound, () => {
  const document = (id: string, more: Partial<Orderable>): Orderable => ({
    id,
    name: id,
    extension: 'pdf',
    size: 1,
    changedAt: NOW,
    addedAt: NOW,
    openedAt: null,
    datedAt: null,
    sender: '',
    folderId: null,
    meaningId: null,
    tagId: null,
    ...more,
  })
  const plan = { folder: (id: string) => ['f2', 'f1'].indexOf(id), meaning: () => 0, tag: () => 0 }
  const ids = (documents: Orderable[], how: Partial<Parameters<typeof orderFound>[1]>) =>
    orderFound(documents, { sort: 'name', descending: false, group: 'none', ...how }, plan, 'en').map(
      ({ id, group }) => (group === '' ? id : `${id}:${group}`),
    )

  it('orders names as people do, and places as the plan does', () => {
    expect(ids([document('Note 10', {}), document('note 9', {})], {})).toEqual(['note 9', 'Note 10'])
    expect(
      ids(
        [
          document('a', { folderId: 'f1' as FolderId }),
          document('b', { folderId: 'f2' as FolderId }),
          document('c', {}),
        ],
        { sort: 'place' },
      ),
    ).toEqual(['b', 'a', 'c'])
  })

  it('puts what was never opened last, whatever the direction', () => {
    const some = [
      document('never', {}),
      document('old', { openedAt: '2026-01-01' }),
      document('new', { openedAt: '2026-02-01' }),
    ]
    expect([ids(some, { sort: 'opened' }), ids(some, { sort: 'opened', descending: true })]).toEqual([
      ['old', 'new', 'never'],
      ['new', 'old', 'never'],
    ])
  })

  it('groups by kind, month and sender', () => {
    const some = [
      document('a', { extension: 'eml', sender: 'B', changedAt: '2026-01-05' }),
      document('b', { changedAt: '2026-02-05' }),
      document('c', { extension: 'eml', sender: 'A', changedAt: '2026-02-01' }),
    ]
    expect(ids(some, { group: 'type' })).toEqual(['b:pdf', 'a:mail', 'c:mail'])
    expect(ids(some, { group: 'month' })).toEqual(['b:2026-02', 'c:2026-02', 'a:2026-01'])
    expect(ids(some, { group: 'sender' })).toEqual(['c:A', 'a:B', 'b'])
  })
})
