// The passphrase of a link, and what is kept of it.

import { scrypt } from '@noble/hashes/scrypt'
import { sha256 } from '@noble/hashes/sha2'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils'

/** Cost, block size and parallelism (RFC 7914): about a tenth of a second. */
const SCRYPT = { N: 2 ** 14, r: 8, p: 1, dkLen: 32 }
export const PASSPHRASE_LIMIT = 200

/** In hex; `salt` is the id of the link. Written differently on another keyboard it is the same (NFKC). */
export const hashOfPassphrase = (passphrase: string, salt: string): string =>
  bytesToHex(scrypt(utf8ToBytes(passphrase.normalize('NFKC')), utf8ToBytes(salt), SCRYPT))

/** What a browser shows that has said the passphrase: nobody makes it who knows only one of both. */
export const unlockedToken = (secret: string, passphraseHash: string): string =>
  bytesToHex(sha256(utf8ToBytes(`${secret} ${passphraseHash}`)))
