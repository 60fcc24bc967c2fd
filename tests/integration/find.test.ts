import { beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { Found, FoundNames, RelaxedSearch, RuleCounts } from '../../contract/find'
import type { FolderId, TagId } from '../../core/ids'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeAll(async () => {
  client = await newClient()
})

const find = async (query: string) => (await client.get<Found>(`/api/find?${query}`)).body
const names = async (q: string) => (await client.get<FoundNames>(`/api/find/names?q=${encodeURIComponent(q)}`)).body

describe('the Find page', () => {
  it('puts hits in the name before hits inside, and marks the words around a hit', async () => {
    const folder = await client.folder('Ranking')
    const inside = await client.upload(
      'plain.txt',
      'At the end of the quay stands a xylophone beside the crane.',
      folder,
    )
    const named = await client.upload('Xylophone.txt', 'nothing else', folder)
    await Promise.all([client.whenRead(inside.id), client.whenRead(named.id)])
    const { documents: found, count } = await find('q=xylophone')
    expect([found.map(row => row.id), count]).toEqual([[named.id, inside.id], 2])
    const passage = found[1]?.passage
    const [from = 0, to = 0] = passage?.marks[0] ?? []
    expect(passage?.text.slice(from, to)).toBe('xylophone')
  })

  it.each([
    ['x'.repeat(10_000), 'query.long'],
    ['-berth', 'query.onlyWithout'],
  ])('answers %.12s… with one clear sentence', async (q, code) => {
    expect((await client.get<{ code: string }>(`/api/find?q=${encodeURIComponent(q)}`)).body.code).toBe(code)
  })

  it.each([
    "'; DROP TABLE document; --",
    '"unclosed',
    '\\',
    '& | ! <->',
    '%_%',
    ':*',
    '🙂',
    'שלום',
    '()',
    '*',
    '   ',
    'a\u0000b',
  ])('takes %j as words and answers', async q => {
    expect((await client.get<Found>(`/api/find?q=${encodeURIComponent(q)}`)).status).toBe(200)
    expect((await client.get<FoundNames>(`/api/find/names?q=${encodeURIComponent(q)}`)).status).toBe(200)
  })
})

describe('the find field', () => {
  it('finds by the beginning of any word of the name', async () => {
    const folder = await client.folder('Names')
    const { id } = await client.upload('Yearly quokka census.txt', 'x', folder)
    expect((await names('quo')).documents.map(row => row.id)).toEqual([id])
    expect((await names('census quok')).documents.map(row => row.id)).toEqual([id])
  })

  it('answers from the first letter on, also where the newest documents do not have it', async () => {
    const own = await newClient()
    const ids: string[] = []
    for (const name of ['zebra crossing', 'Zinc list', 'the zenith', 'quiet'])
      ids.push((await own.upload(`${name}.txt`, name)).id)
    const found = async (q: string) =>
      new Set((await own.get<FoundNames>(`/api/find/names?q=${q}`)).body.documents.map(row => row.id))
    expect([await found('z'), await found('ZE'), await found('q'), await found('zi')]).toEqual([
      new Set(ids.slice(0, 3)),
      new Set([ids[0], ids[2]]),
      new Set([ids[3]]),
      new Set([ids[1]]),
    ])
    expect((await found('x')).size).toBe(0)
  })

  it('forgives typing errors and says what it shows instead', async () => {
    const { id } = await client.upload('Pontoon wiring diagram.txt', 'x')
    const found = await names('pontonn')
    expect([found.documents[0]?.id, found.corrected]).toEqual([id, { typed: 'pontonn', to: 'pontoon' }])
    expect((await names('wirnig diag')).documents[0]?.id).toBe(id)
  })

  it('follows a rename at once', async () => {
    const { id } = await client.upload('zebra.txt', 'x')
    await client.act({ kind: 'document.rename', id, name: `okapi ${v7()}` })
    expect([(await names('zebra')).documents, (await names('okapi')).documents.map(row => row.id)]).toEqual([[], [id]])
  })
})

describe('a search for words', () => {
  it('finds other forms of a word by the language of the document, and the exact word alone in quotes', async () => {
    const folder = await client.folder('Forms')
    const { id: english } = await client.upload(
      'Notes.txt',
      'The mooring of the quay was inspected, and the buoy is new. It is for you to know that this was done.',
      folder,
    )
    const { id: german } = await client.upload(
      'Brief.txt',
      'Die Verträge sind unterschrieben und liegen bei. Wir haben sie mit der Post gesendet, wie es der Wunsch ' +
        'von Ihnen ist.',
      folder,
    )
    await Promise.all([client.whenRead(english), client.whenRead(german)])
    const here = async (q: string) =>
      (await find(`q=${encodeURIComponent(q)}&places=${folder}&exact=true`)).documents.map(row => row.id)
    expect([await here('buoys'), await here('"buoys"'), await here('"buoy"')]).toEqual([[english], [], [english]])
    expect([await here('Vertrag'), await here('inspects moorings')]).toEqual([[german], [english]])
    const [row] = (await find(`q=vertrag&places=${folder}`)).documents
    expect(row?.passage?.marks.map(([from = 0, to = 0]) => row.passage?.text.slice(from, to))).toEqual(['Verträge'])
    expect(row?.why).toEqual(['text'])
  })

  it('forgives a slip in the contents and says what it shows instead, unless it is to be exact', async () => {
    const { id } = await client.upload('Paper 77.txt', 'A walrus was seen beside the pontoon.')
    await client.whenRead(id)
    const found = await find('q=walrsu')
    expect([found.documents.map(row => row.id), found.corrected]).toEqual([
      [id],
      { typed: 'walrsu', to: 'walrus', q: 'walrus', rule: '' },
    ])
    expect((await find('q=walrsu&exact=true')).documents).toEqual([])
  })

  it('takes a month, a year or a day of the week for a time where no document has the word', async () => {
    const { id } = await client.upload('Crane permit 2019-03-12.txt', 'The crane may be used on the north quay.')
    await client.whenRead(id)
    const found = await find('q=crane march 2019')
    expect(found.documents.map(row => row.id)).toEqual([id])
    expect(found.corrected).toMatchObject({ typed: 'march 2019', to: 'crane of March 2019', q: 'crane' })
    const again = await find(`q=crane&rule=${encodeURIComponent(found.corrected?.rule ?? '')}`)
    expect([again.documents.map(row => row.id), again.corrected]).toEqual([[id], null])
    expect((await find('q=crane march 2019&exact=true')).documents).toEqual([])
    // A document that has the words goes before every time.
    const { id: other } = await client.upload('Crane in March.txt', 'crane, march, 2019')
    await client.whenRead(other)
    expect((await find('q=crane march 2019')).documents.map(row => row.id)).toEqual([other])
  })

  it('finds by remark, sender and tag, and says so', async () => {
    const { id } = await client.upload('Plain 78.txt', 'nothing')
    await client.act({ kind: 'document.remark', id, remark: 'ask the flamingo keeper' })
    await client.act({
      kind: 'tag.put',
      folderIds: [],
      documentIds: [id],
      tags: [{ id: v7() as TagId, name: 'pelican' }],
    })
    expect((await find('q=flamingo')).documents.map(row => [row.id, row.why])).toEqual([[id, ['remark']]])
    const tagged = (await find('q=pelican')).documents
    expect(tagged.map(row => [row.id, row.why])).toEqual([[id, ['tag']]])
    const tag = tagged[0]?.tagIds[0] as TagId
    await client.act({ kind: 'tag.set', id: tag, name: 'heron', meaningId: null, hidden: false })
    expect([(await find('q=pelican&exact=true')).count, (await find('q=heron')).count]).toEqual([0, 1])
    await client.undo()
    expect((await find('q=pelican')).count).toBe(1)
  })
})

describe('the order of what is found', () => {
  it('is by name as people count, turned, grouped, and paged without gaps', async () => {
    const folder = await client.folder('Orders')
    for (const name of ['note 10.txt', 'Note 9.md', 'note 1.csv']) await client.upload(name, 'same words', folder)
    const order = async (more: string) =>
      (await find(`places=${folder}&${more}`)).documents.map(row => `${row.name}${row.group ? ` (${row.group})` : ''}`)
    expect(await order('sort=name')).toEqual(['note 1', 'Note 9', 'note 10'])
    expect(await order('sort=name&dir=down')).toEqual(['note 10', 'Note 9', 'note 1'])
    expect(await order('group=type&sort=name')).toEqual(['note 1 (table)', 'Note 9 (text)', 'note 10 (text)'])
    const first = await find(`places=${folder}&sort=name&limit=2`)
    expect([
      first.documents.length,
      (await find(`places=${folder}&sort=name&limit=2&cursor=${first.next}`)).documents.map(row => row.name),
    ]).toEqual([2, ['note 10']])
  })

  it('follows the outline where it is by place', async () => {
    const parent = await client.folder('By place')
    const made: FolderId[] = []
    for (const name of ['third', 'first', 'second']) made.push(await client.folder(name, parent))
    for (const [index, id] of made.entries())
      await client.act({ kind: 'folder.number', id, number: [3, 1, 2][index] ?? 0 })
    for (const [index, id] of made.entries()) await client.upload(`slip ${index}.txt`, `slip ${index}`, id)
    for (const more of ['group=place', 'sort=place'])
      expect((await find(`places=${parent}&${more}`)).documents.map(row => row.name)).toEqual([
        'slip 1',
        'slip 2',
        'slip 0',
      ])
  })

  it('puts what lies in the open folder first, all else alike', async () => {
    const [one, two] = [await client.folder('Near one'), await client.folder('Near two')]
    const { id: a } = await client.upload('ostrich list.txt', 'x', one)
    const { id: b } = await client.upload('ostrich list.txt', 'y', two)
    expect([
      (await find(`q=ostrich&near=${one}`)).documents[0]?.id,
      (await find(`q=ostrich&near=${two}`)).documents[0]?.id,
    ]).toEqual([a, b])
  })
})

describe('rules', () => {
  it('are weighed: each alone, and which one leaves nothing', async () => {
    const folder = await client.folder('Weighing')
    await client.upload('toucan.txt', 'x', folder)
    const rule = {
      kind: 'all',
      rules: [
        { kind: 'text', field: 'name', op: 'contains', value: 'toucan' },
        { kind: 'type', anyOf: ['pdf'] },
      ],
    }
    const { body } = await client.send<RuleCounts>('POST', '/api/find/weigh', { query: { rule: JSON.stringify(rule) } })
    expect([body.whole, body.alone['0'], body.alone['1'], body.without['1'], body.without['0']]).toEqual([
      0, 1, 0, 1, 0,
    ])
  })

  it('that find nothing are asked with one thing less, where that finds something', async () => {
    const folder = await client.folder('Loosening')
    await client.upload('hornbill at dusk.txt', 'hornbill', folder)
    const relaxQuery = async (query: Record<string, string>, typing = false) =>
      (await client.send<{ relaxed: RelaxedSearch[] }>('POST', '/api/find/loosen', { query, typing })).body.relaxed
    expect(await relaxQuery({ q: '"dusk hornbill" -at', types: 'pdf' })).toEqual([])
    expect(await relaxQuery({ q: '"dusk hornbill"' })).toEqual([
      { what: { kind: 'apart', text: 'dusk hornbill' }, query: { q: 'dusk hornbill' }, count: 1 },
    ])
    expect((await relaxQuery({ q: 'hornbill zyzzyva' })).map(({ what, query, count }) => [what, query, count])).toEqual(
      [[{ kind: 'word', text: 'zyzzyva' }, { q: 'hornbill' }, 1]],
    )
    expect((await relaxQuery({ q: 'hornbill -dusk', sort: 'name' })).map(({ what, query }) => [what, query])).toEqual([
      [
        { kind: 'leftOut', text: 'dusk' },
        { q: 'hornbill', sort: 'name' },
      ],
    ])
    expect(
      (await relaxQuery({ q: 'hornbill', types: 'pdf', places: folder })).map(({ what, count }) => [what, count]),
    ).toEqual([[{ kind: 'group', group: 'types' }, 1]])
    // The beginning that is being typed counts as one here as well.
    expect([
      await relaxQuery({ q: 'zyzzyva hornb' }),
      (await relaxQuery({ q: 'zyzzyva hornb' }, true)).map(({ count }) => count),
    ]).toEqual([[], [1]])
    expect((await client.send('POST', '/api/find/loosen', { query: { q: 'x'.repeat(501) } })).body).toMatchObject({
      code: 'query.long',
    })
  })

  it('give the ids of all that is found', async () => {
    const { ids } = (await client.get<{ ids: string[] }>('/api/find/ids?types=table')).body
    expect(ids.length).toBe((await find('types=table')).count)
  })
})
