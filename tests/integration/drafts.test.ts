import { beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { Draft, DraftHead } from '../../contract/draft'
import { draftDifference, readOutline, startDraft } from '../../core/draft/index'
import type { FolderId, MeaningId } from '../../core/ids'
import { numberTree } from '../../core/numbering/index'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeAll(async () => {
  client = await newClient()
})

const content = (text: string) => ({
  text,
  folderIds: text.split('\n').map(() => null),
  numbering: null,
  additive: true,
  base: [],
})

/** The command that a draft of these lines makes of the client's plan. */
async function commandFor(lines: ReturnType<typeof readOutline>, who = client) {
  const outline = await who.outline()
  const folders = outline.folders.map(folder => ({ ...folder, trashedAt: null, trashRoot: null }))
  const fresh = new Map<string, string>()
  const difference = draftDifference(
    { plan: outline.plan, folders, meanings: outline.meanings, counts: outline.counts, locale: 'en' },
    null,
    lines,
    (kind, index) => {
      const key = `${kind}${index}`
      if (!fresh.has(key)) fresh.set(key, v7())
      return fresh.get(key) ?? ''
    },
  )
  return {
    kind: 'draft.apply' as const,
    rootId: null,
    revision: outline.plan.revision,
    folders: difference.drafted,
    removed: difference.removed.map(({ id }) => ({ id, documents: { to: 'in-tray' as const } })),
    newMeanings: difference.newMeanings.map(meaning => ({ ...meaning, id: meaning.id as MeaningId, ink: '#332288' })),
    numbering: null,
    additive: false,
  }
}

async function linesNow(who = client) {
  const outline = await who.outline()
  const names = new Map(outline.meanings.map(meaning => [meaning.id as string, meaning.name]))
  return startDraft(numberTree(outline.plan, outline.folders, 'en').tree, id => names.get(id) ?? null, null)
}

describe('applying a draft', () => {
  it('is one Change, and undoing it gives the plan back', async () => {
    await client.act(
      await commandFor(
        readOutline('Office [Urgent]\n\tLeases -- signed ones\n\tDues\nClass [A new one]\n\t#7 Handouts'),
      ),
    )
    const { id } = await client.upload(
      'lease.txt',
      'x',
      (await client.outline()).folders.find(folder => folder.name === 'Leases')?.id as FolderId,
    )
    const before = await linesNow()
    expect(before.map(line => line.text)).toEqual([
      'Office [Urgent]',
      'Leases -- signed ones',
      'Dues',
      'Class [A new one]',
      '#7 Handouts',
    ])
    const edited = before
      .filter(line => line.text !== 'Leases -- signed ones')
      .map(line => (line.text === 'Dues' ? { ...line, text: 'Dues and fees' } : line))
    await client.act(await commandFor(edited))
    expect((await client.documentsIn('in-tray')).documents.map(row => row.id)).toEqual([id])
    await client.undo()
    expect(await linesNow()).toEqual(before)
    expect((await client.documentsIn('in-tray')).documents).toEqual([])
  })

  it('is refused when the plan was changed meanwhile, and nothing happens', async () => {
    const command = await commandFor(await linesNow())
    await client.folder('From elsewhere')
    const { status, body } = await client.try(command)
    expect([status, (body as Refused).code]).toEqual([409, 'draft.stale'])
  })

  it('that names a folder of another account makes one of its own', async () => {
    const stranger = await newClient()
    const theirs = await stranger.folder('Theirs')
    const command = await commandFor(await linesNow())
    const folders = [
      ...command.folders,
      {
        id: theirs,
        parent: -1,
        name: 'Mine now',
        number: null,
        label: null,
        numbered: true,
        meaningId: null,
        purpose: '',
      },
    ]
    const { status } = await client.try({ ...command, folders })
    expect(status).toBe(200)
    expect((await client.outline()).folders.find(folder => folder.id === theirs)?.name).toBe('Mine now')
    expect((await stranger.outline()).folders.map(folder => folder.name)).toEqual(['Theirs'])
  })

  it.each([
    ['a child before its parent', { parent: 5 }],
    ['a bad name', { name: 'a/b' }],
    ['a number that is none', { number: 1.5 }],
    ['an unknown meaning', { meaningId: v7() as MeaningId }],
  ])('refuses %s', async (_, patch) => {
    const command = await commandFor(await linesNow())
    const { status } = await client.try({
      ...command,
      folders: [
        {
          id: v7() as FolderId,
          parent: -1,
          name: 'New',
          number: null,
          label: null,
          numbered: true,
          meaningId: null,
          purpose: '',
          ...patch,
        },
      ],
    } as never)
    expect([400, 404, 422]).toContain(status)
  })
})

describe('kept drafts and skeletons', () => {
  it('are kept under the client’s id, listed newest first, and discarded', async () => {
    const [first, second] = [v7(), v7()]
    await client.send('PUT', `/api/drafts/${first}`, { name: 'One', rootId: null, content: content('A\n\tB') })
    await client.send('PUT', `/api/drafts/${second}`, { name: 'Two', rootId: null, content: content('C') })
    await client.send('PUT', `/api/drafts/${first}`, {
      name: 'One more',
      rootId: null,
      content: content('A\n\tB\n\tC'),
    })
    const { body } = await client.get<{ drafts: DraftHead[] }>('/api/drafts')
    expect(body.drafts.map(draft => [draft.name, draft.lines])).toEqual([
      ['One more', 3],
      ['Two', 1],
    ])
    expect((await client.get<Draft>(`/api/drafts/${first}`)).body.content.text).toBe('A\n\tB\n\tC')
    await client.send('DELETE', `/api/drafts/${first}`)
    expect((await client.get(`/api/drafts/${first}`)).status).toBe(404)
  })

  it('belong to their account alone', async () => {
    const id = v7()
    const stranger = await newClient()
    for (const [path, body] of [
      [`/api/drafts/${id}`, { name: 'Mine', rootId: null, content: content('A') }],
      [`/api/skeletons/${id}`, { name: 'Mine', outline: 'A' }],
    ] as const) {
      await client.send('PUT', path, body)
      expect((await stranger.send('DELETE', path)).status).toBe(404)
      expect((await stranger.send('PUT', path, { ...body, name: 'Theirs' })).status).toBe(200)
      expect((await stranger.send('DELETE', path)).status).toBe(200)
    }
    expect((await client.get<Draft>(`/api/drafts/${id}`)).body.name).toBe('Mine')
    expect(
      (await client.get<{ skeletons: { name: string }[] }>('/api/skeletons')).body.skeletons.map(
        skeleton => skeleton.name,
      ),
    ).toEqual(['Mine'])
  })

  it.each([
    [{ name: 'x', rootId: null }],
    [{ name: 'x', rootId: null, content: { text: 3 } }],
    [{ name: 'x', rootId: 'no id', content: content('A') }],
  ])('refuse what makes no sense: %j', async body => {
    expect((await client.send('PUT', `/api/drafts/${v7()}`, body)).status).toBe(400)
  })
})
