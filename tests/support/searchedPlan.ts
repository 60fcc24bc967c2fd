// Sixty documents of the same few words, brought into a plan, and beside each the model that rules are matched against.

import { v7 } from 'uuid'
import type { MatchContext, SearchableDocument } from '../../core/find/index'
import type { DocumentId, FolderId, MeaningId, TagId } from '../../core/ids'
import { datesIn } from '../../core/dates/index'
import { foldedText, languageOf } from '../../core/text/index'
import type { Random } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client } from './client'
import { newClient } from './client'

export const WORDS = [
  'berth',
  'lease',
  'Größe',
  'shore',
  'power',
  'été',
  'knot',
  'tide',
  'tides',
  'leases',
  '2026-03-04',
  '2026',
  'B7',
  'œuvre',
  'moor',
  'mooring',
]
export const EXTENSIONS = ['txt', 'md', 'xyz', 'csv']

export interface Searched {
  readonly client: Client
  readonly planId: string
  /** The second and third lie in the first. */
  readonly folders: readonly FolderId[]
  readonly meanings: readonly MeaningId[]
  readonly tags: readonly TagId[]
  readonly documents: ReadonlyMap<string, SearchableDocument & { readonly id: DocumentId; readonly name: string }>
  readonly below: (id: FolderId) => FolderId[]
  readonly matchContext: MatchContext
}

type Model = SearchableDocument & { id: DocumentId; name: string }

const dayIn = (text: string) => {
  const [day] = datesIn(text)
  return day ? `${day.date}T00:00:00.000Z` : null
}

/** Stars it, as if that had been done in March; when it was. */
async function starredBefore(client: Client, id: DocumentId, isWanted: boolean): Promise<string | null> {
  if (!isWanted) return null
  const at = '2026-03-05T00:00:00.000Z'
  await client.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
  await rows(null, 'UPDATE star SET created_at = $2::timestamptz WHERE id = $1', [id, at])
  return at
}

/** One of the words in its name, others inside, some marked as people mark them; its model, not read yet. */
async function bringIn(
  { client, folders, meanings, tags }: Pick<Searched, 'client' | 'folders' | 'meanings' | 'tags'>,
  random: Random,
  number: number,
): Promise<{ model: Model; body: string }> {
  const name = `${random.some(WORDS, random.int(1, 3)).join(random.pick([' ', '-', '_']))} ${number}`
  const extension = random.pick(EXTENSIONS)
  const body = Array.from({ length: random.int(0, 30) }, () => random.pick(WORDS)).join(random.pick([' ', ', ', '. ']))
  const folderId = random.next() < 0.2 ? null : random.pick(folders)
  const changedAt = `202${random.int(4, 6)}-0${random.int(1, 9)}-1${random.int(0, 9)}T00:00:00.000Z`
  const { id } = await client.upload(`${name}.${extension}`, body, folderId, { changed: changedAt })
  const starredAt = await starredBefore(client, id, random.next() < 0.3)
  const tagIds = random.next() < 0.4 ? [random.pick(tags)] : []
  if (tagIds.length > 0)
    await client.act({
      kind: 'tag.put',
      folderIds: [],
      documentIds: [id],
      tags: tagIds.map(tagId => ({ id: tagId, name: `tag ${tags.indexOf(tagId)}` })),
    })
  const remark = random.next() < 0.4 ? random.some(WORDS, 2).join(' ') : ''
  if (remark !== '') await client.act({ kind: 'document.remark', id, remark })
  const own = random.next() < 0.3 ? (meanings[0] ?? null) : null
  if (own !== null) await client.act({ kind: 'document.colour', documentIds: [id], meaningId: own })
  const openedAt = random.next() < 0.4 ? '2026-02-03T00:00:00.000Z' : null
  if (openedAt !== null) {
    await client.send('POST', `/api/documents/${id}/visits`)
    await rows(null, 'UPDATE visit SET at = $2::timestamptz WHERE document_id = $1', [id, openedAt])
  }
  const day = datesIn(name)[0]
  const model: Model = {
    id,
    name,
    folded: foldedText(name),
    remark: foldedText(remark),
    sender: '',
    author: '',
    number: '',
    tagWords: tagIds.map(tagId => `tag ${tags.indexOf(tagId)}`).join(' '),
    pages: [],
    language: null,
    reading: extension === 'xyz' ? 'none' : 'wordless',
    extension,
    size: Buffer.byteLength(body),
    folderIds: folderId === null ? [] : [folderId],
    meaningId: own,
    changedAt,
    addedAt: (await client.document(id)).createdAt,
    openedAt,
    datedAt: day ? `${day.date}T00:00:00.000Z` : null,
    starred: Boolean(starredAt),
    starredAt,
    tagIds,
    origin: 'upload',
    twin: false,
  }
  return { model, body }
}

/** What was read belongs to the bytes: a document of any type that holds the same ones is found by it. */
function read(brought: readonly { model: Model; body: string }[]): Model[] {
  const isReadable = ({ model }: { model: Model }) => model.extension !== 'xyz'
  return brought.map(({ model, body }) => {
    const same = brought.filter(other => other.body === body)
    const known = { ...model, twin: same.length > 1 }
    if (!same.some(isReadable)) return known
    // A file of no bytes cannot be read, whoever asks for it.
    if (body === '') return { ...known, reading: 'failed' }
    const datedAt = model.datedAt ?? dayIn(body)
    return { ...known, pages: [foldedText(body)], language: languageOf(body), reading: 'read', datedAt }
  })
}

/** A third of the documents says who wrote it. */
async function giveAuthor(model: Model, index: number): Promise<Model> {
  if (index % 3 !== 0) return model
  await rows(null, "UPDATE search_row SET author = 'Berth 1', author_folded = 'berth 1' WHERE document_id = $1", [
    model.id,
  ])
  return { ...model, author: 'berth 1' }
}

export async function searchedPlan(random: Random): Promise<Searched> {
  const client = await newClient()
  const top = await client.folder('One')
  const [two, three] = [await client.folder('Two', top), await client.folder('Three', top)]
  const folders = [top, two, three, await client.folder('Four')]
  const tags = [v7(), v7()] as TagId[]
  const outline = await client.outline()
  const meanings = outline.meanings.map(meaning => meaning.id)
  const [red] = meanings
  if (red) await client.act({ kind: 'folder.colour', id: top, meaningId: red })
  const brought: { model: Model; body: string }[] = []
  for (let number = 0; number < 60; number++)
    brought.push(await bringIn({ client, folders, meanings, tags }, random, number))
  for (const { model } of brought) if (model.extension !== 'xyz') await client.whenRead(model.id)
  const documents = new Map<string, Model>()
  for (const [index, model] of read(brought).entries()) documents.set(model.id, await giveAuthor(model, index))
  const { id: trashed } = await client.upload('berth lease in the Trash.txt', 'berth lease shore power')
  await client.whenRead(trashed)
  await client.act({ kind: 'trash', folderIds: [], documentIds: [trashed] })

  const meaningOf = (id: FolderId) => (folders.indexOf(id) < 3 ? (red ?? null) : null)
  const below = (id: FolderId) => (id === top ? folders.slice(0, 3) : [id])
  const matchContext: MatchContext = {
    below,
    meaningOf,
    coloured: wanted => folders.filter(id => wanted.includes(meaningOf(id))),
    now: '2026-03-10T00:00:00.000Z',
  }
  return { client, planId: outline.plan.id, folders, meanings, tags, documents, below, matchContext }
}
