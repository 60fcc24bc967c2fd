// The passphrase of a link, said once a browser.

import { hashOfPassphrase, hashOfSecret, unlockedToken } from '../../../core/access/index'
import { fail } from '../../../core/errors'
import { Op } from '../../db/client'
import { attempts } from '../../db/models/attempt'
import { linkBySecretHash } from '../../db/sql/shareLinks'

const HOUR_MS = 3_600_000
const TRIED_AN_HOUR = 20

/** What the browser shows from now on. Throws link.gone, link.wrong, link.throttled after some tries in an hour. */
export async function unlockLink(secret: string, passphrase: string, address: string, now: Date): Promise<string> {
  const link = (await linkBySecretHash(hashOfSecret(secret), now)) ?? fail('link.gone')
  if (link.passphraseHash === null) return ''
  const tries = { kind: 'link' as const, email: link.id }
  // Written before they are counted, so that many at once cannot slip through together.
  await attempts().create({ ...tries, address, network: address, at: now })
  const tried = await attempts().count({ where: { ...tries, at: { [Op.gt]: new Date(now.getTime() - HOUR_MS) } } })
  if (tried > TRIED_AN_HOUR) fail('link.throttled')
  if (hashOfPassphrase(passphrase, link.id) !== link.passphraseHash) fail('link.wrong')
  await attempts().destroy({ where: tries })
  return unlockedToken(secret, link.passphraseHash)
}
