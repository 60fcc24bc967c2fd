// How often a suggested place is right, held against how sure it was said to be: plans of real pages are filed document
// by document, and each next one is suggested a place from those before it. Pages are those of the corpus ("npm run
// bench corpus" gets them); folders and languages of the fitting are not among those of the figures. Started by "npm
// run bench confidence".

import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Filable } from '../../core/filing/index'
import { CONFIDENT, FilingModel, suggestPlaces } from '../../core/filing/index'
import type { FolderId } from '../../core/ids'
import { foldedText } from '../../core/text/index'
import type { DemoFolder } from '../../demo/runs'
import { OUTLINE } from '../../demo/outline'
import { fill, write } from '../../demo/papers'
import type { Random } from '../../demo/random'
import { seeded } from '../../demo/random'
import { FOLDER } from './corpusSources'

interface Filed extends Filable {
  readonly folder: string
}
interface Said {
  readonly share: number
  readonly isRight: boolean
}

const PAGES = join(FOLDER, 'pages/usr/share/libreoffice/help')
/** What the coefficients of core/filing/confidence were fitted on, and what is told of here. */
const FITTED = {
  languages: ['de', 'fr', 'cs'],
  folders: [
    ...['scalc', 'scalc/01', 'scalc/guide', 'swriter', 'swriter/01', 'swriter/02', 'swriter/guide'],
    ...['shared/01', 'shared/02', 'shared/optionen', 'shared/autopi'],
  ],
}
const OTHERS = {
  languages: ['es', 'it', 'pl'],
  folders: ['simpress/01', 'simpress/guide', 'sbasic/shared', 'sdatabase', 'smath/01', 'schart/01', 'simpress/02'],
}
const [PLANS, LETTERS] = [24, 3000]

function pagesOf(language: string, folder: string): Filed[] {
  const path = join(PAGES, language, 'text', folder)
  const files = readdirSync(path).filter(file => file.endsWith('.html'))
  return files.map(file => {
    const html = readFileSync(join(path, file), 'utf8')
    const text = html.replace(/<(script|style)[\s\S]*?<\/\1>|<[^>]*>|&[a-z#0-9]+;/g, ' ').replace(/\s+/g, ' ')
    const name = /<title>([^<]*)/.exec(html)?.[1]?.trim() ?? file
    const sent = { extension: 'html', origin: 'upload', sender: '' }
    return { id: `${path}/${file}`, name, ...sent, text: text.slice(0, LETTERS), folder }
  })
}

/** Plans of a few folders each, with 3 to 25 documents in each folder. */
function plansOf({ languages, folders }: typeof FITTED, random: Random): Filed[][] {
  return Array.from({ length: PLANS }, (_, index) =>
    random
      .some(folders, random.int(3, folders.length))
      .flatMap(folder => random.some(pagesOf(languages[index % languages.length] ?? '', folder), random.int(3, 25))),
  )
}

function demoPlan(random: Random): Filed[] {
  const papers = ({ name: folder, papers: runs = [], folders = [] }: DemoFolder): Filed[] => [
    ...runs.flatMap(run =>
      Array.from({ length: run.count }, (_, index): Filed => {
        const date = new Date(Date.UTC(2024 + random.int(0, 2), random.int(0, 11), random.int(1, 28)))
        const name = fill(run.name, random, date).replace('{n}', String(index + 1))
        const format = run.formats[0] ?? 'txt'
        const { title, paragraphs } = write(random, run.subject, { ...run, name, format, date })
        const facts = { extension: format, origin: run.origin ?? 'upload', sender: run.sender ?? '' }
        return { id: `${folder} ${name} ${index}`, name, ...facts, text: [title, ...paragraphs].join(' '), folder }
      }),
    ),
    ...folders.flatMap(papers),
  ]
  return OUTLINE.flatMap(papers)
}

/** What was said first of each document, those in random order filed before it. */
function grown(documents: readonly Filed[], random: Random): Said[] {
  const model = new FilingModel()
  const names = [...new Set(documents.map(({ folder }) => folder))] as FolderId[]
  model.describe(names.map(id => ({ id, text: id })))
  const folders = new Map(names.map(id => [id, { name: id, folded: foldedText(id) }]))
  return random.some(documents, documents.length).flatMap(document => {
    const [first] = suggestPlaces(model, document, folders)
    model.put(document, [document.folder as FolderId])
    return first ? [{ share: first.share, isRight: first.folderId === document.folder }] : []
  })
}

const EDGES = [0, 0.3, 0.5, 0.6, CONFIDENT, 0.8, 0.9, 1]
const percent = (part: number, of: number) => (of === 0 ? '–' : `${Math.round((100 * part) / of)} %`)

function table(what: string, said: readonly Said[]): string {
  const right = (some: readonly Said[]) => some.filter(({ isRight }) => isRight).length
  const chosen = said.filter(({ share }) => share >= CONFIDENT)
  const rows = EDGES.slice(1).map((to, index) => {
    const from = EDGES[index] ?? 0
    const some = said.filter(({ share }) => share >= from && share < to)
    const mean = some.reduce((sum, { share }) => sum + share, 0)
    const cells = [some.length, percent(mean, some.length), percent(right(some), some.length)]
    return `| ${percent(from, 1)} to ${percent(to, 1)} | ${cells.join(' | ')} |`
  })
  return [
    `## ${what}`,
    '',
    `${said.length} suggestions, ${percent(right(said), said.length)} of the first right. Chosen without being asked ` +
      `for: ${percent(chosen.length, said.length)}, of those right ${percent(right(chosen), chosen.length)}.`,
    '',
    '| said | documents | said on average | right |',
    '|---|---|---|---|',
    ...rows,
  ].join('\n')
}

if (!existsSync(PAGES)) throw new Error('The pages of the corpus are not there. Get them with: npm run bench corpus')
const random = seeded(20_261_201)
const parts = [
  table(
    'Pages of three languages and folders that it was not fitted on',
    plansOf(OTHERS, random).flatMap(plan => grown(plan, random)),
  ),
  table(
    'The demo plan, which it was not fitted on',
    [1, 2, 3].flatMap(() => grown(demoPlan(random), random)),
  ),
  table(
    'Pages that it was fitted on',
    plansOf(FITTED, random).flatMap(plan => grown(plan, random)),
  ),
]
writeFileSync(
  'tests/bench/confidence.md',
  `# How sure a suggested place is

Made by \`npm run bench confidence\` on ${new Date().toISOString().slice(0, 10)}. Plans are filed document by
document in random order; each next document is suggested a place from those before it, also while hardly anything is
filed.

${parts.join('\n\n')}
`,
)
