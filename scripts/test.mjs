// npm test: everything CI runs. Installs what is missing, checks, tests alone, tests against a
// PostgreSQL of its own, builds, and walks through the application in a browser. The last line
// counts what passed and failed.

import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { checkNode, installPackages } from './lib/install.mjs'
import { bin, ROOT, run, script } from './lib/run.mjs'
import { needPackage } from './lib/systemPackages.mjs'
import { whatStood } from './lib/whatStood.mjs'

const log = line => console.log(`· ${line}`)
const counts = { passed: 0, failed: 0 }
const reports = join(ROOT, '.test', 'reports')

/** One step: counted as one when it has no report of its own. */
async function step(name, work) {
  const began = Date.now()
  try {
    const counted = await work()
    counts.passed += counted?.passed ?? 1
    counts.failed += counted?.failed ?? 0
    console.log(
      `${counted?.failed ? '✗' : '✓'} ${name} (${Math.round((Date.now() - began) / 1000)} ` +
        `s)${counted ? `: ${counted.passed} passed, ${counted.failed} failed` : ''}`,
    )
    if (counted?.failed) console.log(counted.output)
  } catch (error) {
    counts.failed++
    console.log(`✗ ${name}\n${error.output ?? error.stack ?? error}`)
  }
}

/** Runs a test program that writes a JSON report, and counts what is in it. */
async function tests(command, args, report, env = {}) {
  rmSync(report, { force: true })
  let output
  try {
    output = await run(command, args, { env })
  } catch (error) {
    output = error.output ?? String(error)
    if (!existsSync(report)) throw error
  }
  const { passed, failed } = countsIn(JSON.parse(readFileSync(report, 'utf8')))
  if (passed + failed === 0) throw new Error(`No test ran.\n${output}`)
  return { passed, failed, output: output.slice(-9000) }
}

/** The titles of journeys that passed only when they were tried again. */
function flakyIn(report) {
  const specs = suite => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)]
  return report.suites
    .flatMap(specs)
    .filter(spec => spec.tests.some(test => test.status === 'flaky'))
    .map(spec => `  ${spec.file}: ${spec.title}`)
}

function countsIn(report) {
  if (report.stats) {
    const { expected, flaky, unexpected } = report.stats
    if (flaky > 0)
      console.log(`! ${flaky} flaky: failed once, and passed when tried again\n${flakyIn(report).join('\n')}`)
    // One may be the machine's; more are the journeys' own.
    return flaky > 1
      ? { passed: expected, failed: unexpected + flaky }
      : { passed: expected + flaky, failed: unexpected }
  }
  return {
    passed: report.numPassedTests,
    failed:
      report.numFailedTests +
      report.testResults.filter(file => file.status === 'failed' && file.assertionResults.length === 0).length,
  }
}

const vitest = (projects, env) => {
  const report = join(reports, `${projects[0]}.json`)
  const chosen = projects.flatMap(project => ['--project', project])
  return tests(
    bin('vitest'),
    ['run', ...chosen, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`],
    report,
    env,
  )
}

/** One prints a PDF that tests read; journeys walk in the one without windows, which is less work, where it is. */
async function needChromium() {
  const need = name =>
    existsSync(`/usr/bin/${name}`)
      ? undefined
      : needPackage({ title: 'Chromium', name, sign: `it is /usr/bin/${name}` }, log)
  await need('chromium')
  try {
    await need('chromium-headless-shell')
  } catch (error) {
    log(`journeys walk in the Chromium with windows: ${error.message}`)
  }
}

await script(async () => {
  checkNode()
  await installPackages(log)
  await needChromium()
  mkdirSync(reports, { recursive: true })
  await run(bin('nuxt'), ['prepare', '--logLevel=silent'])
  const check = (name, program, args) => step(name, () => run(bin(program), args).then(() => undefined))
  const { buildApp } = await import('./lib/build.mjs')
  const { withTestServer } = await import('./lib/testServer.mjs')

  const checksOfTypes = async () => {
    await check('types', 'vue-tsc', ['--build', '--noEmit'])
    await check('core stands alone', 'tsc', ['-p', 'core/tsconfig.json'])
  }
  const checksOfText = async () => {
    await check('layout', 'prettier', ['--check', '--log-level', 'warn', '.'])
    await check('lint', 'eslint', ['.', '--max-warnings', '0'])
    await check('layer rule', 'depcruise', [
      ...['--config', '.dependency-cruiser.cjs'],
      ...['core', 'contract', 'server', 'app', 'demo'],
    ])
    await check('nothing unused', 'knip', ['--no-progress'])
  }
  /** Tests against a Hembix of their own, with a database that is gone afterwards. */
  const onServer = (name, project) =>
    step(name, () =>
      withTestServer(log, { name: project }, ({ address, databaseUrl, arrivals, server }) =>
        vitest([project], {
          HEMBIX_TEST_PID: String(server.child.pid),
          HEMBIX_TEST_ARRIVALS: arrivals,
          HEMBIX_TEST_URL: address,
          DATABASE_URL: databaseUrl,
        }),
      ),
    )
  const soak = () =>
    step('soak (3 minutes, 6 kills)', () =>
      run(process.execPath, ['--import', 'tsx', 'tests/soak/run.ts'], {
        env: { HEMBIX_SOAK_MINUTES: '3', HEMBIX_SOAK_KILLS: '6' },
      }).then(() => undefined),
    )
  const journeys = () =>
    step('browser journeys', async () => {
      const report = join(reports, 'e2e.json')
      const traces = join(ROOT, '.test', 'traces')
      rmSync(traces, { recursive: true, force: true })
      return withTestServer(log, { demo: true, name: 'e2e' }, async ({ address, server }) => {
        const counted = await tests(bin('playwright'), ['test'], report, {
          HEMBIX_TEST_URL: address,
          HEMBIX_E2E_REPORT: report,
        })
        const stood = whatStood(traces)
        if (stood !== '') console.log(`${stood}\nthe server said:\n${server.words().slice(-1500)}`)
        return counted
      })
    })

  // Two lanes, a core for each; what measures patience (journeys) has the machine for itself.
  const typed = step('build', () => buildApp({ log }).then(() => undefined))
    .then(checksOfTypes)
    .then(() => step('unit tests', () => vitest(['unit', 'app'])))
  const tested = checksOfText().then(() => step('component tests', () => vitest(['components'])))
  await Promise.all([typed, tested])
  // Planted are files that break the layer rule: nothing else may check the sources meanwhile.
  await Promise.all([
    soak()
      .then(() => onServer('tests of processes', 'processes'))
      .then(() => step('planted violations', () => vitest(['layers']))),
    onServer('integration tests', 'integration'),
  ])
  await journeys()
  console.log(`${counts.passed} passed, ${counts.failed} failed`)
  if (counts.failed > 0) process.exitCode = 1
})
