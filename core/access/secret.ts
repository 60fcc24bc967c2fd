// The secret in the address of a link, and what is kept of it.

import { sha256 } from '@noble/hashes/sha2'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils'

export const SECRET_BYTES = 16
/** 128 random bits in base64url (RFC 4648). */
export const SECRET_PATTERN = /^[\w-]{22}$/

/** SHA-256 in hex: who reads the database, or History, cannot open what was given. */
export const hashOfSecret = (secret: string): string => bytesToHex(sha256(utf8ToBytes(secret)))

/** As it stands in an address, from 16 random bytes. */
export function secretFrom(bytes: Uint8Array): string {
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '')
}
