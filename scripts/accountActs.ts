// What `npm run account` does once the database is there.

import { sizeText } from '../core/formats/index'
import { HembixError } from '../core/errors'
import { closeDatabase } from '../server/db/client'
import { deleteAccount, listAccounts, lockAccount, resetPassword } from '../server/services/account/administer'

const [act, email = ''] = process.argv.slice(2)

try {
  if (act === 'list') {
    for (const account of await listAccounts())
      console.log(
        `${account.email}  made ${account.createdAt.slice(0, 10)}  ${account.documents} documents, ` +
          `${sizeText(account.bytes)}  ${account.sessions} ` +
          `sessions${account.lockedAt ? '  locked' : ''}${account.isDemo ? '  (demo)' : ''}`,
      )
  } else if (act === 'reset')
    console.log(
      `The new password of ${email}: ${await resetPassword(email)}\nAll its sessions were ended. Give it to ` +
        'the person and ask them to change it.',
    )
  else if (act === 'lock' || act === 'unlock') {
    await lockAccount(email, act === 'lock' ? new Date() : null)
    console.log(
      act === 'lock'
        ? `${email} is locked: nobody can sign in, and its sessions were ended. Nothing was deleted.`
        : `${email} can sign in again.`,
    )
  } else if (act === 'delete') {
    const { documents, bytes } = await deleteAccount(email)
    console.log(`${email} was deleted with ${documents} documents (${sizeText(bytes)}).`)
  }
} catch (error) {
  if (!(error instanceof HembixError)) throw error
  console.error(
    error.refusal.code === 'notFound'
      ? `There is no account ${email}. See them with: npm run account -- list`
      : error.message,
  )
  process.exitCode = 1
} finally {
  await closeDatabase()
}
