// Whether a name is taken in a folder is looked up, the folder is not read for it.

import { beforeAll, describe, expect, it } from 'vitest'
import type { DocumentId, FolderId } from '../../core/ids'
import { foldedStem } from '../../core/plan/index'
import { foldedText } from '../../core/text/index'
import { rows } from '../../server/db/client'
import { namesakesOf } from '../../server/db/sql/namesakes'
import { generatePlan } from '../bench/generate'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

let client: Client
let planId: string
beforeAll(async () => {
  client = await newClient()
  planId = (await client.outline()).plan.id
})

const NAMES = [
  'Minutes',
  'Minutes (2)',
  'Minutes (10)',
  'minutes of May',
  'Größe',
  'GROSSE (3)',
  'Scan 2026',
  'Scan',
  'Scanner 2',
]

/** What the lookup stands for: all documents of the folder, compared one by one. */
function modelOf(there: readonly string[], asked: string): string[] {
  const { name, stem } = foldedStem(asked)
  return there.filter(other => {
    const folded = foldedText(other)
    return folded === name || new RegExp(`^${stem} \\d`).test(folded)
  })
}

describe('namesakes', () => {
  it('are those that comparing all names of the folder finds, and none of another folder', async () => {
    const [here, elsewhere] = [await client.folder('Here'), await client.folder('Elsewhere')]
    for (const name of NAMES) await client.upload(`${name}.txt`, name, here)
    await client.upload('Minutes (7).txt', 'x', elsewhere)
    for (const asked of [...NAMES, 'minutes (4)', 'grosse', 'Scan (2)', 'nothing', 'Minut']) {
      const found = await namesakesOf(null, planId, [{ folderId: here, ...foldedStem(asked) }])
      expect([asked, found.map(({ name }) => name).sort()]).toEqual([asked, modelOf(NAMES, asked).sort()])
    }
  })

  it('of many names at once are those of each, and none of another folder', async () => {
    const [here, elsewhere] = [await client.folder('Many'), await client.folder('Beside')]
    for (const name of NAMES) await client.upload(`${name}.txt`, name, here)
    await client.upload('Minutes (7).txt', 'x', elsewhere)
    const asked = ['Minutes', 'grosse', ...Array.from({ length: 40 }, (_, index) => `Other paper ${index}`)]
    const found = await namesakesOf(
      null,
      planId,
      asked.map(name => ({ folderId: here, ...foldedStem(name) })),
    )
    expect(found.map(({ name }) => name).sort()).toEqual(
      [...new Set(asked.flatMap(name => modelOf(NAMES, name)))].sort(),
    )
  })

  it('make a new document be counted up behind all of them', async () => {
    const folder = await client.folder('Counted')
    for (const name of ['Minutes', 'minutes (2)', 'MINUTES (3)']) await client.upload(`${name}.txt`, name, folder)
    const { id } = await client.upload('Minutes.txt', 'another', folder)
    const other = await client.upload('Minutes.md', 'of another type', folder)
    expect([(await client.document(id)).name, (await client.document(other.id)).name]).toEqual([
      'Minutes (4)',
      'Minutes',
    ])
  })

  it('are found by an index', async () => {
    const { folderIds } = await generatePlan(planId, 20, 3000)
    const lines = await rows<{ 'QUERY PLAN': string }>(
      null,
      `EXPLAIN SELECT id FROM document WHERE plan_id = $1 AND trashed_at IS NULL AND folded ~>=~ ($2 || ' 0')
        AND folded ~<~ ($2 || ' :')`,
      [planId, 'berth'],
    )
    expect(lines.map(line => line['QUERY PLAN']).join('\n')).toContain('document_folded')
    expect(
      await namesakesOf(null, planId, [{ folderId: folderIds[0] as FolderId, name: 'none', stem: 'none' }]),
    ).toEqual([])
  })
})

describe('a document that is renamed', () => {
  it('is hinted at another of its name beside it, and lies beside it where that is wanted', async () => {
    const client = await newClient()
    const [one, other] = [await client.folder('One'), await client.folder('Other')]
    await client.upload('minutes.txt', 'first', one)
    await client.upload('minutes.pdf', 'not a text', one)
    const draft = await client.upload('draft.txt', 'second', one)
    const away = await client.upload('away.txt', 'third', other)
    const rename = (id: string, name: string, allowTwin = false) =>
      client.try({ kind: 'document.rename', id: id as DocumentId, name, allowTwin })
    expect((await rename(draft.id, 'Minutes')).body).toMatchObject({
      code: 'name.twin',
      message: 'There is already “minutes.txt” here. Keep both, or choose another name.',
    })
    expect((await rename(away.id, 'minutes')).status).toBe(200)
    expect((await rename(draft.id, 'Minutes', true)).status).toBe(200)
    expect((await client.documentsIn(one)).documents.map(({ name }) => name).sort()).toEqual([
      'Minutes',
      'minutes',
      'minutes',
    ])
  })
})
