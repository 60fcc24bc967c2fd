// Where the real documents of other people come from: test documents of two large office projects and messages of two
// others, as Debian has their sources, and the documentation of others in its packages, in some twenty languages. They
// are got once and kept outside of the project.

import { execFileSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { extname, join } from 'node:path'
import { seeded } from '../../demo/random'

export const FOLDER = process.env.HEMBIX_CORPUS ?? join(tmpdir(), 'hembix-corpus')
/** So many of each office format; of web pages as many of each language, of PDFs four times as many. */
const EACH = Number(process.env.HEMBIX_CORPUS_EACH ?? 100)
const LARGEST_BYTES = 12_000_000
// What is wanted of each.
const SOURCES: Readonly<Record<string, string>> = {
  libreoffice: '*/qa/*',
  'libapache-poi-java': '*test-data*',
  notmuch: '*/test/corpora/*',
  'python3.11': '*/test_email/data/*',
}
// Their messages have names without an extension.
const MAIL = ['notmuch', 'python3.11']
const LANGUAGES = 'cs de el es fi fr hi hu it ja km ko nl pl pt ru sv tr vi zh-cn zh-tw'.split(' ')
const PACKAGES = [
  ...LANGUAGES.map(language => `libreoffice-help-${language}`),
  ...['de', 'es', 'fr', 'it', 'ja', 'pt', 'zh-cn', 'zh-tw'].map(language => `debian-reference-${language}`),
  'installation-guide-amd64',
  'debian-handbook',
  'maint-guide-vi',
  'texlive-humanities-doc',
  'texlive-lang-arabic',
  'texlive-lang-chinese',
  'texlive-lang-cyrillic',
  'texlive-lang-greek',
  'texlive-lang-japanese',
  'texlive-lang-korean',
  'texlive-lang-other',
]
const OFFICE = 'doc docx docm dotx odt ott fodt rtf xls xlsx xlsm ods fods ppt pptx pptm odp fodp odg'.split(' ')
const PAGES = ['html', 'pdf', 'txt', 'md']

export interface PickedFile {
  readonly path: string
  readonly extension: string
  /** Of what it is told apart by: its source, or the language of its folder. */
  readonly group: string
}

/** False where it failed; the caller says what is missing. What it started is ended with it (coreutils' timeout). */
export function run(program: string, args: readonly string[], cwd: string, timeoutMs: number): boolean {
  try {
    execFileSync('timeout', ['-s', 'KILL', String(timeoutMs / 1000), program, ...args], { cwd, stdio: 'ignore' })
    return true
  } catch {
    return false
  }
}

/** The same of each format and language whenever it is called. Throws where they cannot be got. */
export function pickDocuments(log: (line: string) => void): PickedFile[] {
  mkdirSync(join(FOLDER, 'sources'), { recursive: true })
  for (const source of Object.keys(SOURCES)) if (!existsSync(join(FOLDER, source))) getSource(source, log)
  if (!existsSync(join(FOLDER, 'pages'))) getPackages(log)
  const office = Object.keys(SOURCES).flatMap(source =>
    filesIn(join(FOLDER, source), MAIL.includes(source) ? ['eml'] : OFFICE, () => source),
  )
  const pages = filesIn(join(FOLDER, 'pages'), PAGES, languageIn)
  const picked = [
    ...OFFICE.flatMap(extension => some(office, extension, EACH)),
    ...some(office, 'eml', EACH * 4),
    ...[...new Set(pages.map(({ group }) => group))].flatMap(group =>
      some(
        pages.filter(file => file.group === group),
        'html',
        EACH,
      ),
    ),
    ...some(pages, 'pdf', EACH * 4),
    ...some(pages, 'txt', EACH),
    ...some(pages, 'md', EACH),
  ]
  log(`${picked.length} documents of ${new Set(picked.map(({ extension }) => extension)).size} formats`)
  return picked
}

function some(files: readonly PickedFile[], extension: string, count: number): PickedFile[] {
  const own = files.filter(file => file.extension === extension)
  return seeded(18).some(own, Math.min(count, own.length))
}

function filesIn(folder: string, extensions: readonly string[], groupOf: (path: string) => string): PickedFile[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .sort()
    .flatMap(name => {
      const [path, extension] = [join(folder, name), extname(name).slice(1).toLowerCase()]
      // Files of attacks are made unreadable there, so that scanners leave them alone.
      if (!extensions.includes(extension) || /CVE|EDB|RC4|ofz\d/.test(name)) return []
      const { size } = statSync(path)
      return size > 200 && size <= LARGEST_BYTES ? [{ path, extension, group: groupOf(name) }] : []
    })
}

function languageIn(path: string): string {
  const parts = path.toLowerCase().split('/')
  return LANGUAGES.find(language => parts.includes(language)) ?? 'other'
}

function getSource(source: string, log: (line: string) => void): void {
  log(`getting the source of ${source} (some hundred megabytes, once)`)
  const list = join(FOLDER, 'sources.list')
  const deb = readFileSync('/etc/apt/sources.list.d/debian.sources', 'utf8').replace(/^Types:.*$/gm, 'Types: deb-src')
  writeFileSync(`${list}.sources`, deb)
  // Lists of their own: those of the system hold the packages, and would be replaced.
  const lists = join(FOLDER, 'lists')
  mkdirSync(join(lists, 'partial'), { recursive: true })
  const options = [
    `Dir::Etc::SourceList=${list}.sources`,
    'Dir::Etc::SourceParts=-',
    `Dir::State::Lists=${lists}`,
  ].flatMap(option => ['-o', option])
  run('apt-get', ['update', '-qq', ...options], FOLDER, GET_MS)
  run('apt-get', ['source', '--download-only', '-qq', ...options, source], join(FOLDER, 'sources'), GET_MS)
  const archive = readdirSync(join(FOLDER, 'sources')).find(
    name => name.startsWith(`${source}_`) && /\.orig\.tar\.[gx]z$/.test(name),
  )
  if (!archive) throw new Error(`The source of ${source} could not be got. Run "apt-get source ${source}" by hand.`)
  mkdirSync(join(FOLDER, source))
  const from = join(FOLDER, 'sources', archive)
  run('tar', ['-xf', from, '-C', join(FOLDER, source), '--wildcards', SOURCES[source] ?? '*'], FOLDER, GET_MS)
  if (MAIL.includes(source)) nameMessages(join(FOLDER, source))
}

/** Those that begin as a message does. */
function nameMessages(folder: string): void {
  for (const path of readdirSync(folder, { recursive: true, encoding: 'utf8' }).map(name => join(folder, name)))
    if (statSync(path).isFile() && /^(From |[\w-]+:)/.test(readFileSync(path, 'latin1')))
      renameSync(path, `${path}.eml`)
}

function getPackages(log: (line: string) => void): void {
  log(`getting ${PACKAGES.length} packages of documentation (some hundred megabytes, once)`)
  const packed = join(FOLDER, 'packages')
  mkdirSync(packed, { recursive: true })
  for (const name of PACKAGES)
    if (!run('apt-get', ['download', '-qq', name], packed, GET_MS)) log(`${name} could not be got`)
  const archives = readdirSync(packed).filter(name => name.endsWith('.deb'))
  if (archives.length === 0) throw new Error('No package could be got. Run "apt-get update" and try again.')
  for (const archive of archives) run('dpkg-deb', ['-x', join(packed, archive), join(FOLDER, 'pages')], FOLDER, GET_MS)
}

const GET_MS = 1_200_000
