// Rules and counts, compared with what the same rules find in memory.

import { beforeAll, describe, expect, it } from 'vitest'
import type { Found, FoundCounts } from '../../contract/find'
import type { Rule } from '../../core/find/index'
import { compile, matches, typeGroupOf } from '../../core/find/index'
import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'
import { everyRule, randomRule } from '../support/rules'
import type { Searched } from '../support/searchedPlan'
import { searchedPlan } from '../support/searchedPlan'

const random = seeded(41)
let plan: Searched
let client: Client

beforeAll(async () => {
  plan = await searchedPlan(random)
  ;({ client } = plan)
})

/** The same documents by SQL and in memory; how many. */
async function expectSame(rule: Rule): Promise<number> {
  const { documents, matchContext, planId } = plan
  const { text, params } = compile(rule, matchContext, 2)
  const found = await rows<{ id: string }>(
    null,
    `SELECT s.document_id AS id FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1
      AND ${text}`,
    [planId, ...params],
  )
  const expected = [...documents.values()]
    .filter(document => matches(rule, document, matchContext))
    .map(document => document.id)
  expect({ rule: JSON.stringify(rule), found: found.map(row => row.id).sort() }).toEqual({
    rule: JSON.stringify(rule),
    found: [...expected].sort(),
  })
  return found.length
}

describe('a rule', () => {
  it('finds the same documents in memory and in SQL', async () => {
    for (let round = 0; round < 600; round++) await expectSame(randomRule(plan, random, 3))
  })
})

describe('every operator of every field', () => {
  it('finds the same in memory and in SQL, as its opposite does', async () => {
    let told = 0
    const all = everyRule(plan)
    for (const plain of all)
      for (const rule of [plain, { kind: 'none', rules: [plain] } satisfies Rule]) {
        const found = await expectSame(rule)
        if (found > 0 && found < plan.documents.size) told++
      }
    // Many of them tell some documents from others, or the comparison would say nothing.
    expect(told).toBeGreaterThan(all.length * 0.8)
  })
})

const find = async (query: string) => (await client.get<Found>(`/api/find?${query}`)).body
/** How many are on all pages, which is what the counts say. */
async function countOf(query: string): Promise<number> {
  const { count } = (await client.get<FoundCounts>(`/api/find/counts?${query}`)).body
  let listed = 0
  for (let cursor: string | null = ''; cursor !== null;) {
    const page = await find(`${query}&limit=200${cursor ? `&cursor=${encodeURIComponent(cursor)}` : ''}`)
    if (cursor === '') expect([null, count]).toContain(page.count)
    listed += page.documents.length
    cursor = page.next
  }
  expect(listed).toBe(count)
  return count
}

describe('the counts to narrow with', () => {
  const counts = async (query: string, by: Client = client) =>
    (await by.get<FoundCounts & Refused>(`/api/find/counts?${query}`)).body

  it('are those of the found documents, and what narrows a group is left out of its own counts', async () => {
    const { documents, folders, below } = plan
    const [top] = folders
    const all = [...documents.values()]
    const texts = all.filter(document => document.extension === 'txt')
    const found = await counts(`q=&types=text&places=${top}`)
    const here = all.filter(document => document.folderIds.some(id => below(top ?? id).includes(id)))
    expect(found.types.text).toBe(here.filter(document => typeGroupOf(document.extension) === 'text').length)
    expect(Object.values(found.types).reduce((sum, count) => sum + count, 0)).toBe(here.length)
    expect(found.starred.yes ?? 0).toBe(
      here.filter(document => typeGroupOf(document.extension) === 'text' && document.starred).length,
    )
    expect(found.places[top ?? '']).toBe(found.types.text)
    expect([texts.length > 0, found.about]).toEqual([true, []])
  })

  it('tell the same as the search by each value', async () => {
    const { types, formats, filed, span } = await counts('q=berth')
    for (const [type, count] of Object.entries(types)) expect(await countOf(`q=berth&types=${type}`)).toBe(count)
    for (const [format, count] of Object.entries(formats))
      expect(await countOf(`q=berth&formats=${format}`)).toBe(count)
    for (const [value, count] of Object.entries(filed)) expect(await countOf(`q=berth&filed=${value}`)).toBe(count)
    expect(Object.values(span).reduce((sum, count) => sum + count, 0)).toBe(await countOf('q=berth'))
  })

  it('count nothing of anybody else, and refuse what a search refuses', async () => {
    const stranger = await newClient()
    expect((await counts('q=berth', stranger)).types).toEqual({})
    expect((await counts(`q=berth&places=${plan.folders[0]}`, stranger)).types).toEqual({})
    expect((await counts('q=-berth')).code).toBe('query.onlyWithout')
  })
})

describe('what narrows', () => {
  it('never shows what is in the Trash, nor a document of another account', async () => {
    const stranger = await newClient()
    await stranger.upload('berth lease of a stranger.txt', 'x')
    const found = await find('q=berth&limit=200')
    expect(found.documents.every(row => plan.documents.has(row.id))).toBe(true)
  })

  it('narrows by tags: all of them', async () => {
    const found = await find(`tags=${plan.tags[0]}&limit=200`)
    expect(found.documents.map(row => row.id).sort()).toEqual(
      [...plan.documents.values()]
        .filter(document => document.tagIds.includes(plan.tags[0] as never))
        .map(document => document.id as string)
        .sort(),
    )
    expect((await find(`tags=${plan.tags.join(',')}`)).count).toBe(0)
  })

  it('narrows by type, place, time and star together', async () => {
    const found = await find(`types=text&places=${plan.folders[0]}&from=2025-01-01T00:00:00.000Z&star=yes&limit=200`)
    const expected = [...plan.documents.values()].filter(
      document =>
        ['txt', 'md'].includes(document.extension) &&
        document.folderIds.some(id => plan.below(plan.folders[0] as never).includes(id)) &&
        (document.changedAt ?? '') >= '2025-01-01' &&
        document.starred,
    )
    expect(found.documents.map(row => row.id).sort()).toEqual(expected.map(document => document.id as string).sort())
  })

  it('pages through everything once', async () => {
    const seen: string[] = []
    for (let cursor: string | null = ''; cursor !== null;) {
      const page: Found = await find(`types=text&limit=7${cursor ? `&cursor=${cursor}` : ''}`)
      seen.push(...page.documents.map(row => row.id))
      cursor = page.next
    }
    expect(new Set(seen).size).toBe(seen.length)
    expect(seen.length).toBe((await find('types=text')).count)
  })
})

describe('rules', () => {
  const request = (rule: object) => `rule=${encodeURIComponent(JSON.stringify(rule))}`

  it('find with what else narrows, and a broken one is told in a sentence', async () => {
    const rule: Rule = {
      kind: 'any',
      rules: [
        { kind: 'text', field: 'name', op: 'contains', value: 'knot' },
        { kind: 'tag', anyOf: [...plan.tags] },
      ],
    }
    const expected = [...plan.documents.values()]
      .filter(document => matches(rule, document, plan.matchContext) && document.extension === 'csv')
      .map(document => document.id as string)
    const found = await find(`${request(rule)}&types=table&limit=200`)
    expect(
      found.documents
        .map(row => row.id)
        .filter(id => plan.documents.has(id))
        .sort(),
    ).toEqual(expected.sort())
    for (const broken of [
      `rule=${encodeURIComponent('{"kind"')}`,
      request({ kind: 'nonsense' }),
      request({ kind: 'text', field: 'name', op: 'is', value: 'x'.repeat(600) }),
    ]) {
      expect((await client.get<Refused>(`/api/find?${broken}`)).body.code).toBe('rule.wrong')
    }
  })
})
