// What independent programs say is in a document: the office suite, pdftotext, pandoc, Python. Kept beside the
// documents.

import { execFileSync } from 'node:child_process'
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { wordsOf } from '../../core/text/index'
import type { PickedFile } from './corpusSources'
import { FOLDER, run } from './corpusSources'

export interface CorpusFile extends PickedFile {
  readonly truth: string
}

const [CONVERT_MS, TRUTH_LIMIT_BYTES] = [30_000, 20_000_000]
// How the office suite says it: as text, as tables of all sheets as they are shown, as pages that are printed.
const TEXT = 'txt:Text:UTF8'
const TABLES = 'csv:Text - txt - csv (StarCalc):9,34,76,1,,0,false,true,false,false,false,-1'
const MAIL_TEXT = fileURLToPath(new URL('mailText.py', import.meta.url))
const SHEETS = ['xls', 'xlsx', 'xlsm', 'ods', 'fods']
const SLIDES = ['ppt', 'pptx', 'pptm', 'odp', 'fodp', 'odg']

/** Nothing where the program itself cannot read it. */
export function truthOf(file: PickedFile): CorpusFile[] {
  const kept = join(FOLDER, 'truth', file.extension, file.path.replace(/[^\w.]+/g, '-').slice(-120))
  if (!existsSync(kept)) {
    mkdirSync(kept, { recursive: true })
    write(file, kept)
    // Attacks on readers make gigabytes of it.
    for (const name of readdirSync(kept).map(one => join(kept, one)))
      if (statSync(name).size > TRUTH_LIMIT_BYTES) rmSync(name)
  }
  const textsOf = (names: RegExp) =>
    readdirSync(kept)
      .filter(name => names.test(name))
      .map(name => readFileSync(join(kept, name), 'utf8'))
      .join('\n')
  const shown = textsOf(/\.(txt|csv)$/)
  const truth = SLIDES.includes(file.extension) ? unbroken(shown, textsOf(/\.fod[pg]$/)) : shown
  return truth.trim() === '' ? [] : [{ ...file, truth }]
}

/** Of the words that are seen on slides those that are words of it: a narrow shape breaks them anywhere. */
function unbroken(shown: string, flatXml: string): string {
  const whole = new Set(
    wordsOf(flatXml.replace(/<\/text:(p|h)>/g, '\n').replace(/<[^>]*>/g, '')).map(({ text }) => text),
  )
  return wordsOf(shown)
    .map(({ text }) => text)
    .filter(word => whole.has(word))
    .join(' ')
}

function write({ path, extension }: PickedFile, kept: string): void {
  const text = join(kept, 'source.txt')
  if (extension === 'pdf') run('pdftotext', [path, text], kept, CONVERT_MS)
  else if (extension === 'txt' || extension === 'md') copyFileSync(path, text)
  else if (extension === 'html')
    writeFileSync(text, shownBy('pandoc', ['-f', 'html', '-t', 'plain', '--wrap=none', path]))
  else if (extension === 'eml') writeFileSync(text, shownBy('python3', [MAIL_TEXT, path]))
  else {
    const source = join(kept, `source.${extension}`)
    copyFileSync(path, source)
    const kind = SHEETS.includes(extension) ? TABLES : SLIDES.includes(extension) ? 'pdf' : TEXT
    run('soffice', ['--headless', '--convert-to', kind, '--outdir', kept, source], kept, CONVERT_MS)
    if (kind === 'pdf') {
      run('pdftotext', [join(kept, 'source.pdf'), text], kept, CONVERT_MS)
      const flat = extension === 'odg' ? 'fodg' : 'fodp'
      if (extension !== flat)
        run('soffice', ['--headless', '--convert-to', flat, '--outdir', kept, source], kept, CONVERT_MS)
    }
  }
}

function shownBy(program: string, args: readonly string[]): string {
  try {
    return execFileSync(program, args, { encoding: 'utf8', timeout: CONVERT_MS, maxBuffer: 64_000_000, stdio: 'pipe' })
  } catch {
    return '' // it is left out, as what the program cannot read
  }
}
