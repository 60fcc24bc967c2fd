import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { accounts } from '../../db/models/account'
import { laidAside } from '../../db/models/laidAside'
import { inOwnPlan } from '../access/guests'
import type { Actor } from '../actor'
import type { MailFacts } from '../mail/settings'
import { mailOf } from '../mail/settings'
import type { Quota } from './quota'
import { quotaOf } from './quota'
import type { SessionFacts } from './session'
import { listSessions } from './session'

export interface AccountFacts {
  readonly email: string
  /** What others call the person; empty: their address. */
  readonly name: string
  /** False for the demo, which opens without one. */
  readonly hasPassword: boolean
  readonly quota: Quota
  readonly sessions: readonly SessionFacts[]
  /** Files of the arrivals folder that could not be taken in, the last first. */
  readonly laidAside: readonly {
    readonly id: string
    readonly fileName: string
    readonly path: string
    readonly reason: string
    readonly at: string
  }[]
  /** When the whole of this Hembix was last backed up by itself; null: it is not. */
  readonly backedUpAt: string | null
  readonly mail: MailFacts
}

const LISTED = 200

export async function describeAccount(who: Actor, token: string, now: Date): Promise<AccountFacts> {
  const actor = await inOwnPlan(who)
  const [account, quota, sessions, aside, backedUpAt, mail] = await Promise.all([
    accounts().findByPk(actor.accountId),
    quotaOf(actor),
    listSessions(actor, token, now),
    laidAside().findAll({ where: { planId: actor.planId }, order: [['at', 'DESC']], limit: LISTED }),
    lastBackup(),
    mailOf(actor),
  ])
  return {
    email: actor.email,
    name: account?.name ?? '',
    hasPassword: account?.isDemo === false,
    quota,
    sessions,
    laidAside: aside.map(({ id, fileName, path, reason, at }) => ({
      id,
      fileName,
      path,
      reason,
      at: at.toISOString(),
    })),
    backedUpAt,
    mail,
  }
}

/** As the planned backup wrote it down (scripts/lib/plannedBackup). */
async function lastBackup(): Promise<string | null> {
  const folder = process.env.HEMBIX_BACKUP_DIR
  if (!folder) return null
  const text = await readFile(join(folder, 'last-backup.json'), 'utf8').catch(() => null) // there was none yet
  return text === null ? null : (JSON.parse(text) as { at: string }).at
}

/** Takes a file off the list; it stays where it lies. Throws nothing when it is off already. */
export async function forgetLaidAside(who: Actor, id: string): Promise<void> {
  const actor = await inOwnPlan(who)
  await laidAside().destroy({ where: { planId: actor.planId, id } })
}
