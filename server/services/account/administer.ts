// What the person who runs the server does about accounts.

import { randomInt } from 'node:crypto'
import { fail } from '../../../core/errors'
import { withTransaction } from '../../db/client'
import type { Account } from '../../db/models/account'
import { accounts } from '../../db/models/account'
import { plans } from '../../db/models/plan'
import { sessions } from '../../db/models/session'
import type { AccountRow } from '../../db/sql/actors'
import { accountRows } from '../../db/sql/actors'
import { holdReadingsOfPlan } from '../../db/sql/purge'
import { hashPassword } from './password'

/** In the order in which they were made. */
export function listAccounts(): Promise<AccountRow[]> {
  return accountRows(null)
}

async function find(email: string): Promise<Account> {
  return (await accounts().findOne({ where: { email: email.trim().toLowerCase() } })) ?? fail('notFound')
}

const ALPHABET = 'abcdefghijkmnpqrstuvwxyz23456789'

/** A new random password; all sessions end. Throws notFound. */
export async function resetPassword(email: string): Promise<string> {
  const account = await find(email)
  const password = Array.from({ length: 4 }, () =>
    Array.from({ length: 5 }, () => ALPHABET[randomInt(ALPHABET.length)]).join(''),
  ).join('-')
  await account.update({ passwordHash: await hashPassword(password) })
  await sessions().destroy({ where: { accountId: account.id } })
  return password
}

/** Nobody can sign in from `at` on, and its sessions end; null lifts it. Throws notFound. */
export async function lockAccount(email: string, at: Date | null): Promise<void> {
  const account = await find(email)
  await account.update({ lockedAt: at })
  if (at) await sessions().destroy({ where: { accountId: account.id } })
}

/** Deletes an account with its plan and all that is in it, for good. Throws notFound. */
export async function deleteAccount(email: string): Promise<{ documents: number; bytes: number }> {
  const account = await find(email)
  const [row] = await accountRows(account.id)
  await withTransaction(async transaction => {
    for (const { id } of await plans().findAll({ where: { accountId: account.id }, attributes: ['id'], transaction }))
      await holdReadingsOfPlan(transaction, id)
    await plans().destroy({ where: { accountId: account.id }, transaction })
    await account.destroy({ transaction })
  })
  return { documents: row?.documents ?? 0, bytes: row?.bytes ?? 0 }
}
