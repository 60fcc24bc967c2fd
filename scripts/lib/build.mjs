import { createHash } from 'node:crypto'
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
import { bin, ROOT, run } from './run.mjs'

const SOURCES = ['app', 'contract', 'core', 'server', 'public', 'nuxt.config.ts', 'package-lock.json']
const STAMP = join(ROOT, '.output', 'built-from')
const WORKERS = join(ROOT, '.output', 'workers')

/** Builds everything when the sources differ from what was built last; true when it built. */
export async function buildApp({ quiet = true, log = () => {} } = {}) {
  const hash = hashOfSources()
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === hash) return false
  log('building (about a minute)')
  await run(bin('nuxt'), ['build', '--logLevel=silent'], {
    quiet,
    env: { NODE_ENV: 'production', NUXT_TELEMETRY_DISABLED: '1', HEMBIX_BUILD_FOLDER: '.nuxt/build' },
  })
  rmSync(WORKERS, { recursive: true, force: true })
  await run(
    bin('esbuild'),
    [
      'documents=server/extract/program.ts',
      'recognise=server/extract/recognise.ts',
      '--bundle',
      '--splitting',
      '--platform=node',
      '--target=node20',
      '--format=esm',
      '--packages=external',
      `--outdir=${WORKERS}`,
      '--out-extension:.js=.mjs',
      '--log-level=warning',
    ],
    { quiet },
  )
  const languages = join(WORKERS, 'languages')
  mkdirSync(languages, { recursive: true })
  for (const language of ['eng', 'deu', 'fra', 'spa'])
    copyFileSync(
      join(ROOT, 'node_modules', '@tesseract.js-data', language, '4.0.0_best_int', `${language}.traineddata.gz`),
      join(languages, `${language}.traineddata.gz`),
    )
  writeFileSync(STAMP, hash)
  return true
}

function hashOfSources() {
  const hash = createHash('sha256').update(process.version)
  for (const path of SOURCES.flatMap(source => filesIn(join(ROOT, source)))) {
    if (/\.test\.ts$/.test(path)) continue
    hash.update(path.slice(ROOT.length)).update(readFileSync(path))
  }
  return hash.digest('hex')
}

function filesIn(path) {
  if (!existsSync(path)) return []
  if (!statSync(path).isDirectory()) return [path]
  return readdirSync(path)
    .sort()
    .flatMap(name => filesIn(join(path, name)))
}
