// npm run soak -- --minutes N: people at work while parts of Hembix are killed; then everything that was acknowledged
// is looked for.
import { buildApp } from './lib/build.mjs'
import { checkNode, installPackages } from './lib/install.mjs'
import { fail, run, script } from './lib/run.mjs'

const log = line => console.log(`· ${line}`)

await script(async () => {
  const at = process.argv.indexOf('--minutes')
  const minutes = at < 0 ? 3 : Number(process.argv[at + 1])
  if (!(minutes > 0)) fail('Say for how long: npm run soak -- --minutes 60')
  checkNode()
  await installPackages(log)
  await buildApp({ log })
  await run(process.execPath, ['--import', 'tsx', 'tests/soak/run.ts'], {
    quiet: false,
    env: { HEMBIX_SOAK_MINUTES: String(minutes) },
  }).catch(error => {
    if (error.code !== 1) throw error
    process.exitCode = 1
  })
})
