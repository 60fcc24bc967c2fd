// Real documents of other people for the benchmark: the test documents of two large office projects, as Debian has
// their sources. They are got once and kept outside of the project, with what independent tools say of each.

import { execFileSync } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { extname, join } from 'node:path'
import { seeded } from '../../demo/random'

const FOLDER = process.env.HEMBIX_CORPUS ?? join(tmpdir(), 'hembix-corpus')
const SOURCES = ['libreoffice', 'libapache-poi-java']
const [PER_FORMAT, LARGEST_BYTES] = [Number(process.env.HEMBIX_CORPUS_EACH ?? 40), 3_000_000]
const CONVERT_MS = 30_000

// How the office suite says what is in them: as text, as tables of all sheets, as pages that are printed.
const TEXT = 'txt:Text:UTF8'
const TABLES = 'csv:Text - txt - csv (StarCalc):9,34,76,1,,0,false,true,false,false,false,-1'
const TRUTH: Readonly<Record<string, string>> = {
  doc: TEXT,
  docx: TEXT,
  odt: TEXT,
  fodt: TEXT,
  rtf: TEXT,
  xls: TABLES,
  xlsx: TABLES,
  ods: TABLES,
  ppt: 'pdf',
  pptx: 'pdf',
  odp: 'pdf',
}

export interface CorpusFile {
  readonly path: string
  readonly extension: string
  /** What an independent tool says is in it. */
  readonly truth: string
}

const run = (program: string, args: readonly string[], cwd = FOLDER): boolean => {
  try {
    execFileSync(program, args, { cwd, stdio: 'ignore', timeout: CONVERT_MS * 40, killSignal: 'SIGKILL' })
    return true
  } catch {
    return false // the one that calls says what is missing
  }
}

/** Throws where the sources cannot be got. */
export function corpus(log: (line: string) => void): CorpusFile[] {
  mkdirSync(join(FOLDER, 'sources'), { recursive: true })
  for (const source of SOURCES) if (!existsSync(join(FOLDER, source))) getSource(source, log)
  return pick(log).flatMap(file => truthOf(file))
}

function getSource(source: string, log: (line: string) => void): void {
  log(`getting the source of ${source} (some hundred megabytes, once)`)
  const list = join(FOLDER, 'sources.list')
  const deb = readFileSync('/etc/apt/sources.list.d/debian.sources', 'utf8').replace(/^Types:.*$/gm, 'Types: deb-src')
  writeFileSync(`${list}.sources`, deb)
  const options = ['-o', `Dir::Etc::SourceList=${list}.sources`, '-o', 'Dir::Etc::SourceParts=-']
  run('apt-get', ['update', '-qq', ...options])
  run('apt-get', ['source', '--download-only', '-qq', ...options, source], join(FOLDER, 'sources'))
  const archive = readdirSync(join(FOLDER, 'sources')).find(
    name => name.startsWith(`${source}_`) && name.endsWith('.orig.tar.xz'),
  )
  if (!archive) throw new Error(`The source of ${source} could not be got. Run "apt-get source ${source}" by hand.`)
  mkdirSync(join(FOLDER, source))
  run('tar', [
    '-xJf',
    join(FOLDER, 'sources', archive),
    '-C',
    join(FOLDER, source),
    '--wildcards',
    '*/qa/*',
    '*test-data*',
  ])
}

/** The same of each format whenever it is called. */
function pick(log: (line: string) => void): { path: string; extension: string }[] {
  const random = seeded(18)
  const byFormat = new Map<string, string[]>()
  for (const source of SOURCES)
    for (const name of readdirSync(join(FOLDER, source), { recursive: true, encoding: 'utf8' }).sort()) {
      const [path, extension] = [join(FOLDER, source, name), extname(name).slice(1).toLowerCase()]
      // Files of attacks are made unreadable there, so that scanners leave them alone.
      if (!(extension in TRUTH) || /CVE|EDB|RC4/.test(name)) continue
      const { size } = statSync(path)
      if (size > 0 && size <= LARGEST_BYTES) byFormat.set(extension, [...(byFormat.get(extension) ?? []), path])
    }
  log([...byFormat].map(([extension, paths]) => `${extension} ${paths.length}`).join(', '))
  return [...byFormat].flatMap(([extension, paths]) =>
    random.some(paths, Math.min(PER_FORMAT, paths.length)).map(path => ({ path, extension })),
  )
}

/** Nothing where the tool itself cannot read it. */
function truthOf({ path, extension }: { path: string; extension: string }): CorpusFile[] {
  const kept = join(FOLDER, 'truth', extension, path.replace(/[^\w.]+/g, '-').slice(-120))
  if (!existsSync(kept)) {
    mkdirSync(kept, { recursive: true })
    const source = join(kept, `source.${extension}`)
    copyFileSync(path, source)
    try {
      execFileSync('soffice', ['--headless', '--convert-to', TRUTH[extension] ?? TEXT, '--outdir', kept, source], {
        stdio: 'ignore',
        timeout: CONVERT_MS,
        killSignal: 'SIGKILL',
      })
    } catch {
      // It is left out, as what the tool cannot read.
    }
    if (existsSync(join(kept, 'source.pdf')))
      run('pdftotext', ['-layout', join(kept, 'source.pdf'), join(kept, 'source.txt')])
  }
  const truth = readdirSync(kept)
    .filter(name => /\.(txt|csv)$/.test(name))
    .map(name => readFileSync(join(kept, name), 'utf8'))
    .join('\n')
  return truth.trim() === '' ? [] : [{ path, extension, truth }]
}
