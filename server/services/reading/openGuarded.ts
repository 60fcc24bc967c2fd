// Before a document is opened, that is written down. One that ended its process twice is not opened again, also not
// after a restart, until a person asks for it.

import { forgetOpening, noteOpening } from '../../db/sql/claims'

/** How a process fared with a document; `outcome` where it came to an end. */
export type Opened<T> =
  | { readonly ended: null; readonly outcome: T }
  | { readonly ended: 'time' | 'memory' | 'crash'; readonly reason: string }

export type Guarded<T> =
  | { readonly kind: 'outcome'; readonly outcome: T }
  | { readonly kind: 'failed'; readonly reason: string }
  /** It ended its process once, which can have been another's fault. */
  | { readonly kind: 'again' }

const TRIES = 2
const QUARANTINED = {
  kind: 'failed',
  reason: 'It could not be read: it broke its reader. Try it again, or save it anew where it was made.',
} as const

/** Opens bytes for one purpose (reading, thumbnail, a page), unless they broke their reader before. */
export async function openGuarded<T>(
  blobId: string,
  purpose: string,
  open: () => Promise<Opened<T>>,
): Promise<Guarded<T>> {
  const tries = await noteOpening(blobId, purpose)
  if (tries > TRIES) return QUARANTINED
  let opened: Opened<T>
  try {
    opened = await open()
  } catch (error) {
    await forgetOpening(blobId, purpose) // Hembix is being stopped, or the bytes could not be fetched
    throw error
  }
  if (opened.ended === 'crash') return tries < TRIES ? { kind: 'again' } : QUARANTINED
  await forgetOpening(blobId, purpose)
  return opened.ended === null
    ? { kind: 'outcome', outcome: opened.outcome }
    : { kind: 'failed', reason: opened.reason }
}
