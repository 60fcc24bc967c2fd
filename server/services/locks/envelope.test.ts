import { randomBytes } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { makeLock, openKey, openLock, openPiece, sealKey, sealPiece } from './envelope'

const PASSPHRASE = 'four quiet lamps'

describe('a lock', () => {
  it('is opened by its passphrase, however that is typed, and by no other', async () => {
    const lock = await makeLock('lock', 'Käpten und Lotse')
    expect(await openLock('lock', lock, 'Käpten und Lotse'.normalize('NFD'))).not.toBeNull()
    expect(await openLock('lock', lock, 'käpten und lotse')).toBeNull()
    expect(await openLock('another', lock, 'Käpten und Lotse')).toBeNull()
  })

  it('keeps neither its passphrase nor its private key in clear, and no two are alike', async () => {
    const [one, other] = await Promise.all([makeLock('lock', PASSPHRASE), makeLock('lock', PASSPHRASE)])
    const raw = (await openLock('lock', one, PASSPHRASE))?.export({ format: 'jwk' }).d ?? ''
    expect(one.privateKey.includes(Buffer.from(raw, 'base64url'))).toBe(false)
    expect(one.salt.equals(other.salt)).toBe(false)
    expect(one.publicKey.equals(other.publicKey)).toBe(false)
  })
})

describe('sealed bytes', () => {
  it('are sealed without the passphrase, and opened by what it opens', async () => {
    const lock = await makeLock('lock', PASSPHRASE)
    const bytes = randomBytes(70_000)
    const { key, seal } = sealKey(lock.publicKey, 'bytes')
    const sealed = sealPiece(key, 'bytes', 3, bytes)
    expect(sealed.includes(bytes.subarray(100, 132))).toBe(false)
    const opened = await openLock('lock', lock, PASSPHRASE)
    expect(opened && openPiece(openKey(opened, seal, 'bytes'), 'bytes', 3, sealed).equals(bytes)).toBe(true)
  })

  it('are refused under another lock, for other bytes, in another place and when they were changed', async () => {
    const [lock, other] = await Promise.all([makeLock('lock', PASSPHRASE), makeLock('other', PASSPHRASE)])
    const { key, seal } = sealKey(lock.publicKey, 'bytes')
    const sealed = sealPiece(key, 'bytes', 0, Buffer.from('the tide'))
    const changed = Buffer.from(sealed)
    changed.writeUInt8(changed.readUInt8(14) ^ 1, 14)
    const [mine, theirs] = await Promise.all([openLock('lock', lock, PASSPHRASE), openLock('other', other, PASSPHRASE)])
    if (!mine || !theirs) throw new Error('Both passphrases are right.')
    expect(() => openKey(theirs, seal, 'bytes')).toThrow('broken')
    expect(() => openKey(mine, seal, 'other bytes')).toThrow('broken')
    expect(() => openPiece(key, 'bytes', 1, sealed)).toThrow('broken')
    expect(() => openPiece(key, 'bytes', 0, changed)).toThrow('broken')
  })
})
