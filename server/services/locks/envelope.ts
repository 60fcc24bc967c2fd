// How contents are sealed. A lock has a pair of keys (X25519, RFC 7748): whoever has the public one can seal, so that
// what comes into a locked folder is sealed without the passphrase; the private one is itself sealed with a key that
// scrypt (RFC 7914) makes of the passphrase. Bytes are sealed piece by piece with AES-256-GCM (NIST SP 800-38D) under a
// key of their own, which is sealed to the lock: an ephemeral pair, HKDF (RFC 5869), AES-256-GCM once more.

import type { KeyObject } from 'node:crypto'
import {
  createCipheriv,
  createDecipheriv,
  createPrivateKey,
  createPublicKey,
  diffieHellman,
  generateKeyPairSync,
  hkdfSync,
  randomBytes,
  scrypt,
} from 'node:crypto'

const [KEY_BYTES, NONCE_BYTES, TAG_BYTES] = [32, 12, 16]
// About a quarter of a second and 64 MB for each passphrase that is tried.
const SCRYPT = { N: 65_536, r: 8, p: 1, maxmem: 128 * 1024 * 1024 }
/** Where the words of a document stand among its pieces: behind all of them. */
export const TEXT_PIECE = 0xffff_ffff

export interface LockKeys {
  readonly salt: Buffer
  readonly publicKey: Buffer
  readonly privateKey: Buffer
}

/** The keys of a new lock, which this passphrase opens. */
export async function makeLock(id: string, passphrase: string): Promise<LockKeys> {
  const salt = randomBytes(KEY_BYTES)
  const pair = generateKeyPairSync('x25519')
  const privateKey = Buffer.from(pair.privateKey.export({ format: 'jwk' }).d ?? '', 'base64url')
  return {
    salt,
    publicKey: rawOf(pair.publicKey),
    privateKey: seal(await keyOf(passphrase, salt), randomBytes(NONCE_BYTES), privateKey, id),
  }
}

/** What opens the bytes under a lock; null when it is not its passphrase. */
export async function openLock(id: string, lock: LockKeys, passphrase: string): Promise<KeyObject | null> {
  const raw = tryOpen(await keyOf(passphrase, lock.salt), lock.privateKey, id)
  return raw && privateKeyOf(raw, lock.publicKey)
}

/** A new key for the bytes of this name, and how it is kept: sealed to the lock. */
export function sealKey(publicKey: Buffer, name: string): { readonly key: Buffer; readonly seal: Buffer } {
  const key = randomBytes(KEY_BYTES)
  const once = generateKeyPairSync('x25519')
  const shared = sharedKey(once.privateKey, publicKeyOf(publicKey), rawOf(once.publicKey))
  return { key, seal: Buffer.concat([rawOf(once.publicKey), seal(shared, randomBytes(NONCE_BYTES), key, name)]) }
}

/** The key of bytes, by what opens their lock. Throws where it was sealed to another lock, or for other bytes. */
export function openKey(privateKey: KeyObject, sealed: Buffer, name: string): Buffer {
  const once = sealed.subarray(0, KEY_BYTES)
  const shared = sharedKey(privateKey, publicKeyOf(once), once)
  return tryOpen(shared, sealed.subarray(KEY_BYTES), name) ?? refuse(name)
}

/** One piece of bytes, sealed: nonces count the pieces, since each key seals its own bytes and nothing else. */
export function sealPiece(key: Buffer, name: string, piece: number, bytes: Uint8Array): Buffer {
  return seal(key, nonceOf(piece), bytes, `${name}/${piece}`)
}

/** Throws where it is not this piece, or was changed. */
export function openPiece(key: Buffer, name: string, piece: number, sealed: Buffer): Buffer {
  if (!sealed.subarray(0, NONCE_BYTES).equals(nonceOf(piece))) refuse(name)
  return tryOpen(key, sealed, `${name}/${piece}`) ?? refuse(name)
}

function refuse(name: string): never {
  throw new Error(`The seal of ${name} is broken.`)
}

/** Nonce, sealed bytes, tag. */
function seal(key: Buffer, nonce: Buffer, bytes: Uint8Array, what: string): Buffer {
  const cipher = createCipheriv('aes-256-gcm', key, nonce).setAAD(Buffer.from(what))
  return Buffer.concat([nonce, cipher.update(bytes), cipher.final(), cipher.getAuthTag()])
}

function tryOpen(key: Buffer, sealed: Buffer, what: string): Buffer | null {
  const end = sealed.length - TAG_BYTES
  const decipher = createDecipheriv('aes-256-gcm', key, sealed.subarray(0, NONCE_BYTES))
    .setAAD(Buffer.from(what))
    .setAuthTag(sealed.subarray(end))
  const opened = decipher.update(sealed.subarray(NONCE_BYTES, end))
  try {
    return Buffer.concat([opened, decipher.final()])
  } catch (error) {
    // What OpenSSL says when the tag is not that of these bytes under this key.
    if (error instanceof Error && /authenticate/.test(error.message)) return null
    throw error
  }
}

function nonceOf(piece: number): Buffer {
  const nonce = Buffer.alloc(NONCE_BYTES)
  nonce.writeUInt32BE(piece, NONCE_BYTES - 4)
  return nonce
}

function keyOf(passphrase: string, salt: Buffer): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    scrypt(passphrase.normalize('NFKC'), salt, KEY_BYTES, SCRYPT, (error, key) =>
      error ? reject(error) : resolve(key),
    )
  })
}

function sharedKey(privateKey: KeyObject, publicKey: KeyObject, once: Buffer): Buffer {
  const secret = diffieHellman({ privateKey, publicKey })
  return Buffer.from(hkdfSync('sha256', secret, once, 'hembix lock', KEY_BYTES))
}

const rawOf = (key: KeyObject): Buffer => Buffer.from(key.export({ format: 'jwk' }).x ?? '', 'base64url')

function publicKeyOf(raw: Buffer): KeyObject {
  return createPublicKey({ key: { kty: 'OKP', crv: 'X25519', x: raw.toString('base64url') }, format: 'jwk' })
}

function privateKeyOf(raw: Buffer, publicKey: Buffer): KeyObject {
  const [d, x] = [raw.toString('base64url'), publicKey.toString('base64url')]
  return createPrivateKey({ key: { kty: 'OKP', crv: 'X25519', d, x }, format: 'jwk' })
}
