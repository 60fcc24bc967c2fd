import { Op } from '../../db/client'
import { accounts } from '../../db/models/account'
import { mails } from '../../db/models/mail'
import type { Actor } from '../actor'
import { hasMailServer } from './transport'

const LISTED = 20
const NOT_TAKEN = { toAddress: { [Op.ne]: null }, sentAt: null, tries: { [Op.gt]: 0 } }

export interface MailFacts {
  /** Told by mail what others give them. */
  readonly news: boolean
  /** Messages leave this machine. */
  readonly isSent: boolean
  readonly messages: readonly {
    readonly id: string
    readonly subject: string
    readonly body: string
    readonly at: string
    /** Whom it goes to; null: to me. */
    readonly to: string | null
    /** Names of what is attached. */
    readonly files: readonly string[]
  }[]
}

/**
 * Whether a person is told by mail, and, where no mail server is set up, what they would have been sent and have sent;
 * where one is, what of theirs it did not take yet.
 */
export async function mailOf({ accountId }: Actor): Promise<MailFacts> {
  const [account, messages] = await Promise.all([
    accounts().findByPk(accountId),
    mails().findAll({
      where: { accountId, ...(hasMailServer() ? NOT_TAKEN : {}) },
      order: [['createdAt', 'DESC']],
      limit: LISTED,
    }),
  ])
  return {
    news: account?.mailNews ?? true,
    isSent: hasMailServer(),
    messages: messages.map(({ id, subject, body, createdAt, toAddress, files }) => ({
      ...{ id, subject, body, to: toAddress },
      at: createdAt.toISOString(),
      files: files.map(({ fileName }) => fileName),
    })),
  }
}

export async function setMailNews({ accountId }: Actor, news: boolean): Promise<{ news: boolean }> {
  await accounts().update({ mailNews: news }, { where: { id: accountId } })
  return { news }
}
