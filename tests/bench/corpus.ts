// The figures of real documents: how much of what independent programs read in them is read here, and how fast and how
// well they are found. Started by "npm run bench corpus", which gives it a server of its own.

import { readFileSync, writeFileSync } from 'node:fs'
import { basename, extname } from 'node:path'
import type { TextReply } from '../../contract/document'
import type { Found } from '../../contract/find'
import { wordsOf } from '../../core/text/index'
import { seeded } from '../../demo/random'
import { closeDatabase, rows } from '../../server/db/client'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import type { KnownDocument } from './corpusKnown'
import { holdersOf, KINDS, memories } from './corpusKnown'
import { pickDocuments } from './corpusSources'
import type { CorpusFile } from './corpusTruth'
import { truthOf } from './corpusTruth'
import { row, timings } from './measure'

const [WORST, QUERIES, SHOWN, AT_ONCE, FEWEST_WORDS] = [10, 1000, 30, 4, 8]
const FREQUENT_IN = 0.05
const log = (line: string): void => {
  console.log(`· ${line}`)
}
const distinct = (text: string) =>
  new Set(
    wordsOf(text)
      .map(({ text: word }) => word)
      .filter(word => word.length > 1),
  )

interface Read extends KnownDocument {
  /** Of the distinct words of the truth. */
  readonly share: number
  readonly missing: readonly string[]
  readonly reason: string | null
}

async function textOf(client: Client, id: string): Promise<string> {
  const pages: string[] = []
  let from: number | null = 1
  while (from !== null) {
    const { body }: { body: TextReply } = await client.get<TextReply>(`/api/documents/${id}/text?from=${from}`)
    pages.push(...body.pages.map(page => page.body))
    from = body.next
  }
  return pages.join('\n')
}

/** Documents with a password, and those of a few words, say nothing about reading. */
async function bringIn(client: Client): Promise<Read[]> {
  const read: Read[] = []
  const files = pickDocuments(log).flatMap(file => truthOf(file))
  log(`${files.length} documents with a truth`)
  const next = files.values()
  await Promise.all(Array.from({ length: AT_ONCE }, () => bringEach(next)))
  return read

  async function bringEach(left: Iterable<CorpusFile>): Promise<void> {
    for (const file of left) {
      const one = await bringOne(client, file)
      if (one) read.push(one)
      if (one && read.length % 500 === 0) log(`${read.length} are read`)
    }
  }
}

async function bringOne(client: Client, { path, extension, group, truth }: CorpusFile): Promise<Read | null> {
  const { id } = await client.upload(basename(path), readFileSync(path))
  const { reading } = await client.whenRead(id)
  const text = await textOf(client, id)
  const all = wordsOf(text).map(({ text: word }) => word)
  const [words, folded] = [new Set(all.filter(word => word.length > 1)), ` ${all.join(' ')} `]
  const wanted = [...distinct(truth)]
  const missing = wanted.filter(word => !words.has(word))
  const share = 1 - missing.length / Math.max(1, wanted.length)
  const name = basename(path, extname(path))
  if (wanted.length < FEWEST_WORDS || /password/.test(reading.reason ?? '')) return null
  return { id, name, extension, group, text, folded, words, share, missing, reason: reading.reason }
}

function shareRows(read: readonly Read[], of: (one: Read) => string): string[] {
  return [...new Set(read.map(of))].sort().map(key => {
    const own = read.filter(one => of(one) === key)
    const mean = own.reduce((sum, { share }) => sum + share, 0) / own.length
    const worst = [...own]
      .sort((a, b) => a.share - b.share)
      .slice(0, WORST)
      .filter(({ share }) => share < 0.98)
      .map(
        ({ name, share, reason, missing }) =>
          `${name} ${share.toFixed(2)} (${reason ?? missing.slice(0, 3).join(' ')})`,
      )
    const unread = own.filter(({ reason }) => reason !== null).length
    return `| ${key} | ${mean.toFixed(3)} | ${own.length} | ${unread} | ${worst.join('; ').replaceAll('|', ' ')} |`
  })
}

/** As a browser asks; the client of the tests also holds each reply against the contract, which takes its time. */
async function answer<T>({ cookie }: Client, path: string): Promise<T> {
  return (await (await fetch(`${process.env.HEMBIX_TEST_URL ?? ''}${path}`, { headers: { cookie } })).json()) as T
}

/** `typing`: as the page asks while the last word is not ended. */
const search = async (client: Client, q: string, typing = false) =>
  (await answer<Found>(client, `/api/find?limit=${SHOWN}&typing=${String(typing)}&q=${encodeURIComponent(q)}`))
    .documents

/** Each kind of memory: how well and how fast. */
async function findKnown(client: Client, read: readonly Read[]): Promise<{ quality: string[]; speed: string[] }> {
  const [quality, speed]: string[][] = [[], []]
  for (const kind of Object.keys(KINDS)) {
    const asked = memories(read, kind, QUERIES)
    const found: number[] = []
    const figure = await timings(kind, asked, async ({ document, q }) => {
      const isBeginning = kind === 'the beginning of the name'
      found.push((await search(client, q, isBeginning)).findIndex(({ id }) => id === document.id) + 1)
    })
    const mean = found.reduce((sum, rank) => sum + (rank === 0 ? 0 : 1 / rank), 0) / Math.max(1, found.length)
    const missed = asked.filter((_, index) => found[index] === 0).map(({ q, document }) => `${q} (${document.name})`)
    quality?.push(`| ${kind} | ${mean.toFixed(3)} | ${found.length} | ${missed.slice(0, WORST).join('; ')} |`)
    speed?.push(row(figure))
  }
  return { quality: quality ?? [], speed: speed ?? [] }
}

async function othersTimed(client: Client, read: readonly Read[]): Promise<string[]> {
  const random = seeded(3)
  const frequent = [...holdersOf(read)]
    .filter(([word, count]) => word.length > 2 && count > read.length * FREQUENT_IN)
    .map(([word]) => word)
  const turns = Array.from({ length: QUERIES }, (_, index) => index)
  const two = () => random.some(frequent, 2).join(' ')
  return [
    await timings('two frequent words', turns, () => search(client, two())),
    await timings('one word', turns, () => search(client, random.pick(frequent))),
    await timings('nothing found', turns, index => search(client, `${random.pick(frequent)} qxzv${index}`)),
    await timings('counts', turns, () => answer(client, `/api/find/counts?q=${encodeURIComponent(two())}`)),
  ].map(row)
}

const client = await newClient()
const read = await bringIn(client)
const { quality, speed } = await findKnown(client, read)
const others = await othersTimed(client, read)
const [size] = await rows<{ text: string; index: string }>(
  null,
  `SELECT pg_size_pretty(sum(octet_length(body))) AS text, pg_size_pretty(pg_total_relation_size('search_row')
    + pg_total_relation_size('page_lexeme') + pg_total_relation_size('text_word')) AS index FROM page_text`,
)
const report = `# Real documents

Made by \`npm run bench corpus\`: ${read.length} test documents and manuals of other projects, got from
Debian. The truth is what the office suite, pdftotext and pandoc say of the same file. Share: of the distinct words of
the truth, those that Hembix read, the mean over the files. What a program adds itself (numbers of lists, axes of
charts, raw numbers of formatted cells, text that was struck) counts as missing.

| format | share | files | not read | worst |
|---|---|---|---|---|
${shareRows(read, one => one.extension).join('\n')}

| source or language | share | files | not read | worst |
|---|---|---|---|---|
${shareRows(read, one => one.group).join('\n')}

| known items | mean reciprocal rank | count | not among the first ${SHOWN} |
|---|---|---|---|
${quality.join('\n')}

| at the route | p50 ms | p95 ms | count |
|---|---|---|---|
${[...speed, ...others].join('\n')}

Texts take ${size?.text ?? '?'}, what finds them ${size?.index ?? '?'}.
`
writeFileSync(new URL('corpus.md', import.meta.url), report)
console.log(report)
await closeDatabase()
