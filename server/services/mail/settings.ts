import { accounts } from '../../db/models/account'
import { mails } from '../../db/models/mail'
import type { Actor } from '../actor'
import { hasMailServer } from './transport'

const LISTED = 20

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
  }[]
}

/** Whether a person is told by mail, and, where no mail server is set up, what they would have been sent. */
export async function mailOf({ accountId }: Actor): Promise<MailFacts> {
  const [account, messages] = await Promise.all([
    accounts().findByPk(accountId),
    hasMailServer() ? [] : mails().findAll({ where: { accountId }, order: [['createdAt', 'DESC']], limit: LISTED }),
  ])
  return {
    news: account?.mailNews ?? true,
    isSent: hasMailServer(),
    messages: messages.map(({ id, subject, body, createdAt }) => ({ id, subject, body, at: createdAt.toISOString() })),
  }
}

export async function setMailNews({ accountId }: Actor, news: boolean): Promise<{ news: boolean }> {
  await accounts().update({ mailNews: news }, { where: { id: accountId } })
  return { news }
}
