// What one account may store and have under way; the server's settings, generous by default.

import { LRUCache } from 'lru-cache'
import { fail } from '../../../core/errors'
import { sizeText } from '../../../core/formats/index'
import { usageOf } from '../../db/sql/uploads'
import type { Actor } from '../actor'

const GIGABYTE = 1e9
const DEFAULT_BYTES = 200 * GIGABYTE
const DEFAULT_OPEN_UPLOADS = 20_000
const CACHED_MS = 20_000

export interface Quota {
  /** Bytes of all documents and versions, and of what is on its way. */
  readonly usedBytes: number
  readonly limitBytes: number
  readonly openUploads: number
  readonly openUploadsLimit: number
}

const setting = (name: string, usual: number): number => {
  const value = Number(process.env[name])
  return Number.isFinite(value) && value > 0 ? value : usual
}
interface Usage {
  bytes: number
  uploads: number
}
const cached = new LRUCache<string, Usage>({ max: 1000, ttl: CACHED_MS })

async function measure(actor: Actor): Promise<Usage> {
  const usage = await usageOf(actor.planId)
  cached.set(actor.planId, usage)
  return usage
}

export async function quotaOf(actor: Actor): Promise<Quota> {
  const usage = await measure(actor)
  return {
    usedBytes: usage.bytes,
    limitBytes: limitBytes(),
    openUploads: usage.uploads,
    openUploadsLimit: setting('HEMBIX_OPEN_UPLOADS', DEFAULT_OPEN_UPLOADS),
  }
}

const limitBytes = () => setting('HEMBIX_QUOTA_BYTES', DEFAULT_BYTES)

/** Before bytes are taken in; `uploads` of them stay open. Throws quota.full, quota.uploads. */
export async function checkQuota(actor: Actor, bytes: number, uploads = 0): Promise<void> {
  const [limit, open] = [limitBytes(), setting('HEMBIX_OPEN_UPLOADS', DEFAULT_OPEN_UPLOADS)]
  const fits = (usage: Usage) => usage.bytes + bytes <= limit && usage.uploads + uploads <= open
  const known = cached.get(actor.planId)
  // Nothing is refused by what was known a while ago: room may have come since.
  const usage = known && fits(known) ? known : await measure(actor)
  if (usage.bytes + bytes > limit) fail('quota.full', { used: sizeText(usage.bytes), limit: sizeText(limit) })
  if (usage.uploads + uploads > open) fail('quota.uploads', { count: usage.uploads })
  usage.bytes += bytes
  usage.uploads += uploads
}
