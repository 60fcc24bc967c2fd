// The hash of an upload is made while it comes in. When it goes on after the server was started anew (or at
// another process), the hash so far is not known here, and the bytes are read once more at the end.

import type { Hash } from 'node:crypto'
import { createHash } from 'node:crypto'
import { blobStore } from '../../db/blobStore'

interface Running {
  readonly hash: Hash
  readonly length: number
}

const running = new Map<string, Running>()
const KEPT_AT_MOST = 10_000

export interface Hashing {
  readonly take: (bytes: Uint8Array) => void
  /** Remembers the hash up to this length for when the upload goes on. */
  readonly keep: (length: number) => void
}

/** The hash of an upload from this length on. */
export function hashOn(id: string, length: number): Hashing {
  const known = length === 0 ? { hash: createHash('sha256'), length } : running.get(id)
  running.delete(id)
  if (known?.length !== length)
    return {
      take: () => {
        /* made at the end */
      },
      keep: () => {
        /* nothing is known */
      },
    }
  const { hash } = known
  return {
    take: bytes => {
      hash.update(bytes)
    },
    keep(now) {
      running.set(id, { hash, length: now })
      const [oldest] = running.keys()
      if (running.size > KEPT_AT_MOST && oldest !== undefined) running.delete(oldest)
    },
  }
}

export function forgetHash(id: string): void {
  running.delete(id)
}

/** SHA-256 of a complete upload, as hex. */
export async function finishHash(id: string, blobId: string, size: number): Promise<string> {
  const known = running.get(id)
  if (known?.length === size) return known.hash.copy().digest('hex')
  const hash = createHash('sha256')
  if (size > 0) for await (const part of blobStore.read(blobId, 0, size - 1)) hash.update(part)
  return hash.digest('hex')
}
