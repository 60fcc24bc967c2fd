import { generateNKeysBetween } from 'fractional-indexing'
import { FIRST_MEANINGS } from '../../../core/colour/index'
import { fail } from '../../../core/errors'
import { STARTERS } from '../../../core/find/index'
import { PLAIN_NUMBERING } from '../../../core/numbering/index'
import { withTransaction } from '../../db/client'
import { accounts } from '../../db/models/account'
import { keptSearches } from '../../db/models/keptSearch'
import { meanings } from '../../db/models/meaning'
import { plans } from '../../db/models/plan'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { hashPassword } from './password'

export interface NewAccount {
  readonly email: string
  readonly password: string
  readonly planName: string
  readonly isDemo?: boolean
  readonly meanings?: readonly { readonly name: string; readonly ink: string; readonly closed: boolean }[]
}

/** Makes an account with an empty plan and a first colour key. Throws account.taken. */
export async function createAccount(asked: NewAccount, now: Date): Promise<Actor> {
  const email = asked.email.trim().toLowerCase()
  const passwordHash = await hashPassword(asked.password)
  const actor: Actor = { accountId: newId(), email, planId: newId() }
  await withTransaction(async (transaction) => {
    if (await accounts().findOne({ where: { email }, transaction })) fail('account.taken')
    await accounts().create({ id: actor.accountId, email, passwordHash, isDemo: asked.isDemo ?? false, createdAt: now }, { transaction })
    await plans().create({ id: actor.planId, accountId: actor.accountId, name: asked.planName, numbering: PLAIN_NUMBERING, childOrder: 'number' }, { transaction })
    for (const { name, query } of STARTERS) await keptSearches().create({ id: newId(), planId: actor.planId, name, query, folderId: null, pinned: false, desk: true, createdAt: now }, { transaction })
    const key = asked.meanings ?? FIRST_MEANINGS
    const order = generateNKeysBetween(null, null, key.length)
    await meanings().bulkCreate(key.map((meaning, index) => ({ id: newId(), planId: actor.planId, orderKey: order[index] ?? '', pattern: meaning.closed ? 'slant' : 'full', ...meaning })), { transaction })
  })
  return actor
}
