// npm run account -- list | reset ADDRESS | lock ADDRESS | unlock ADDRESS | delete ADDRESS --yes: for the person who
// runs the server.
import { fail, run, script } from './lib/run.mjs'
import { withDatabase } from './lib/withDatabase.mjs'

const ACTS = ['list', 'reset', 'lock', 'unlock', 'delete']

await script(async () => {
  const [act, email, ...more] = process.argv.slice(2)
  if (!ACTS.includes(act) || (act !== 'list' && !email))
    fail('Say what to do: npm run account -- list, or reset, lock, unlock or delete with an e-mail address.')
  if (act === 'delete' && !more.includes('--yes'))
    fail(
      `This deletes the account ${email} with its whole plan, documents and History, for good. If that is ` +
        `meant: npm run account -- delete ${email} --yes`,
    )
  await withDatabase(
    () => {},
    async url => {
      await run(process.execPath, ['--import', 'tsx', 'scripts/accountActs.ts', act, ...(email ? [email] : [])], {
        quiet: false,
        env: { DATABASE_URL: url },
      }).catch(error => {
        if (error.code !== 1) throw error
        process.exitCode = 1
      })
    },
  )
})
