import { Hash } from '@adonisjs/hash'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'

const hash = new Hash(new Scrypt({}))

/** scrypt (RFC 7914) in PHC string format, with a salt of its own. */
export function hashPassword(password: string): Promise<string> {
  return hash.make(password)
}

export function isPassword(passwordHash: string, password: string): Promise<boolean> {
  return hash.verify(passwordHash, password)
}
