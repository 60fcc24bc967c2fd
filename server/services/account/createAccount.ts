import { generateNKeysBetween } from 'fractional-indexing'
import { FIRST_MEANINGS } from '../../../core/colour/index'
import { fail } from '../../../core/errors'
import { STARTERS } from '../../../core/find/index'
import { PLAIN_NUMBERING } from '../../../core/numbering/index'
import { networkOf } from '../../../core/account/index'
import { Op, withTransaction } from '../../db/client'
import { accounts } from '../../db/models/account'
import { attempts } from '../../db/models/attempt'
import { keptSearches } from '../../db/models/keptSearch'
import { meanings } from '../../db/models/meaning'
import { plans } from '../../db/models/plan'
import { lockAttempts } from '../../db/sql/attempts'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { hashPassword, refuseWeak } from './password'

export interface NewAccount {
  readonly email: string
  readonly password: string
  readonly planName: string
  /** What others call the person; left out: their address. */
  readonly name?: string
  readonly isDemo?: boolean
  readonly meanings?: readonly { readonly name: string; readonly ink: string; readonly closed: boolean }[]
}

const HOUR_MS = 3_600_000
const ACCOUNTS_AN_HOUR = 30

/** Makes an account for somebody who asks for one. Throws password.weak, account.crowded, account.taken. */
export async function openAccount(request: NewAccount, address: string, now: Date): Promise<Actor> {
  refuseWeak(request.password, request.email)
  const network = networkOf(address)
  const limit = Number(process.env.HEMBIX_ACCOUNTS_AN_HOUR ?? ACCOUNTS_AN_HOUR)
  const email = request.email.trim().toLowerCase()
  await withTransaction(async transaction => {
    await lockAttempts(transaction, email, network)
    const made = await attempts().count({
      where: { kind: 'account', network, at: { [Op.gt]: new Date(now.getTime() - HOUR_MS) } },
      transaction,
    })
    if (made >= limit) fail('account.crowded')
    await attempts().create({ kind: 'account', email, address, network, at: now }, { transaction })
  })
  return createAccount(request, now)
}

/** Makes an account with an empty plan and a first colour key. Throws account.taken. */
export async function createAccount(request: NewAccount, now: Date): Promise<Actor> {
  const email = request.email.trim().toLowerCase()
  const passwordHash = await hashPassword(request.password)
  const name = request.name?.trim() ?? ''
  const actor: Actor = { accountId: newId(), email, name, planId: newId() }
  await withTransaction(async transaction => {
    if (await accounts().findOne({ where: { email }, transaction })) fail('account.taken')
    await accounts().create(
      { id: actor.accountId, email, name, passwordHash, isDemo: request.isDemo ?? false, createdAt: now },
      { transaction },
    )
    await plans().create(
      {
        id: actor.planId,
        accountId: actor.accountId,
        name: request.planName,
        numbering: PLAIN_NUMBERING,
        childOrder: 'number',
      },
      { transaction },
    )
    await keptSearches().bulkCreate(
      STARTERS.map(({ name, query }) => ({
        id: newId(),
        planId: actor.planId,
        name,
        query,
        folderId: null,
        pinned: false,
        desk: true,
        createdAt: now,
      })),
      { transaction },
    )
    const key = request.meanings ?? FIRST_MEANINGS
    const order = generateNKeysBetween(null, null, key.length)
    await meanings().bulkCreate(
      key.map((meaning, index) => ({
        id: newId(),
        planId: actor.planId,
        orderKey: order[index] ?? '',
        pattern: meaning.closed ? 'slant' : 'full',
        ...meaning,
      })),
      { transaction },
    )
  })
  return actor
}
