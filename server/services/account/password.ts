import { Hash } from '@adonisjs/hash'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import { zxcvbn, zxcvbnOptions } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary as common } from '@zxcvbn-ts/language-common'
import { dictionary as german } from '@zxcvbn-ts/language-de'
import { dictionary as english, translations } from '@zxcvbn-ts/language-en'
import { fail } from '../../../core/errors'

const hash = new Hash(new Scrypt({}))

/** scrypt (RFC 7914) in PHC string format, with a salt of its own. */
export function hashPassword(password: string): Promise<string> {
  return hash.make(password)
}

export function isPassword(passwordHash: string, password: string): Promise<boolean> {
  return hash.verify(passwordHash, password)
}

// Of 0 to 4: 3 takes more than 10^8 guesses.
const NEEDED_SCORE = 3
// What stands behind makes a password no easier to guess, and looking at it takes its time.
const LOOKED_AT = 60
let isReady = false

/** Throws password.weak for one that is easy to guess, or that is made of the person's own address. */
export function refuseWeak(password: string, email: string): void {
  if (!isReady)
    zxcvbnOptions.setOptions({
      translations,
      graphs: adjacencyGraphs,
      dictionary: { ...common, ...english, ...german },
    })
  isReady = true
  const own = email
    .toLowerCase()
    .split(/[@.+_-]/)
    .filter(part => part.length > 2)
  if (password.toLowerCase().includes(email.toLowerCase())) fail('password.weak', { why: 'it holds your address' })
  const { score, feedback } = zxcvbn(password.slice(0, LOOKED_AT), [email, ...own, 'hembix'])
  if (score < NEEDED_SCORE)
    fail('password.weak', {
      why: (feedback.warning ?? 'it is short or common')
        .replace(/\.$/, '')
        .replace(/^./, letter => letter.toLowerCase()),
    })
}
