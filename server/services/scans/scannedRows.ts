// Pages of the scanner that are no document yet, as rows.

import { isDeepStrictEqual } from 'node:util'
import type { ScanEdits } from '../../../core/scan/index'
import { Op } from '../../db/client'
import type { OcrResult, ScannedPage } from '../../db/models/scannedPage'
import { scannedPages } from '../../db/models/scannedPage'

export interface ScannedRow {
  readonly id: string
  readonly width: number
  readonly height: number
  readonly edits: ScanEdits
  /** Its text is recognised as it is edited now. */
  readonly read: boolean
}

const KEPT_DAYS = 7
const DAY_MS = 86_400_000

function factsOf({ id, width, height, edits, seen, seenEdits }: ScannedPage): ScannedRow {
  return { id, width, height, edits, read: seen !== null && isDeepStrictEqual(seenEdits, edits) }
}

export async function addScanned(
  planId: string,
  page: {
    readonly id: string
    readonly picture: Buffer
    readonly width: number
    readonly height: number
    readonly edits: ScanEdits
  },
): Promise<void> {
  await scannedPages().create({ ...page, planId })
}

/** In the order in which they came. */
export async function scannedOf(planId: string): Promise<ScannedRow[]> {
  return (
    await scannedPages().findAll({
      where: { planId },
      attributes: { exclude: ['picture'] },
      order: ['createdAt', 'id'],
    })
  ).map(factsOf)
}

export async function scannedById(
  planId: string,
  id: string,
): Promise<(ScannedRow & { readonly picture: Buffer; readonly seen: OcrResult | null }) | undefined> {
  const page = await scannedPages().findOne({ where: { planId, id } })
  return page ? { ...factsOf(page), picture: page.picture, seen: page.seen } : undefined
}

export async function editScanned(planId: string, id: string, edits: ScanEdits): Promise<boolean> {
  return (await scannedPages().update({ edits }, { where: { planId, id } }))[0] === 1
}

export async function saveOcrResult(planId: string, id: string, seen: OcrResult, seenEdits: ScanEdits): Promise<void> {
  await scannedPages().update({ seen, seenEdits }, { where: { planId, id } })
}

/** How many there were. */
export function dropScanned(planId: string, ids: readonly string[]): Promise<number> {
  return scannedPages().destroy({ where: { planId, id: [...ids] } })
}

/** Clears away pages that nobody made a document of for a week; how many. */
export function dropStaleScanned(now: Date): Promise<number> {
  return scannedPages().destroy({ where: { createdAt: { [Op.lt]: new Date(now.getTime() - KEPT_DAYS * DAY_MS) } } })
}
