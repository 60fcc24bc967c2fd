// Running numbers of documents, as a paper register gives them: "1.1-014" is the fourteenth document
// that came into folder 1.1. A number is given once; no later one repeats it, whatever is undone.

import type { RowChange } from '../change/index'
import { updated } from '../change/index'
import type { FolderId } from '../ids'
import type { DocumentRow } from '../rows/index'
import { foldedText } from '../text/index'
import type { Slice } from './slice'
import { numberedSlice, sliceAfter } from './slice'

const DIGITS = 3

export interface RunningNumber {
  readonly prefix: string
  readonly serial: number
}

export function writeRunningNumber({ prefix, serial }: RunningNumber): string {
  return `${prefix}-${String(serial).padStart(DIGITS, '0')}`
}

export function readRunningNumber(text: string): RunningNumber {
  const at = text.lastIndexOf('-')
  return { prefix: text.slice(0, at), serial: Number(text.slice(at + 1)) }
}

/** A document's name as searches compare it: a running number is found as a name is, by its parts. */
export function foldedName(name: string, runningNumber: string | null): string {
  return foldedText(runningNumber === null ? name : `${runningNumber} ${name}`)
}

/** The last serial under each prefix that these rows give out; what is kept in mind even when they are undone. */
export function serialsIn(rows: readonly RowChange[]): Map<string, number> {
  const last = new Map<string, number>()
  for (const row of rows) {
    const given = row.table === 'document' && row.op !== 'delete' ? row.after.runningNumber : null
    if (!given) continue
    const { prefix, serial } = readRunningNumber(given)
    last.set(prefix, Math.max(serial, last.get(prefix) ?? 0))
  }
  return last
}

/**
 * The rows with a running number for each document that they bring, without one, into a folder that numbers its
 * documents.
 */
export function withRunningNumbers(slice: Slice, rows: readonly RowChange[], locale: string): readonly RowChange[] {
  const entering = enteringBy(slice, rows)
  if (entering.size === 0) return rows
  const after = sliceAfter(slice, rows)
  const { codes } = numberedSlice(after, locale)
  const last = new Map(slice.serials)
  const numbers = new Map<string, string>()
  for (const [documentId, folderId] of entering) {
    const folder = after.folders.get(folderId)
    if (!folder?.registering || folder.trashedAt !== null) continue
    const prefix = codes.get(folderId)?.code || folder.name
    const serial = (last.get(prefix) ?? 0) + 1
    last.set(prefix, serial)
    numbers.set(documentId, writeRunningNumber({ prefix, serial }))
  }
  return numbers.size === 0 ? rows : withNumbers(slice, rows, numbers)
}

/**
 * Live documents without a running number, each with the folder that these rows put it into, in the order of the rows.
 */
function enteringBy(slice: Slice, rows: readonly RowChange[]): Map<string, FolderId> {
  const entering = new Map<string, FolderId>()
  if (
    ![...slice.folders.values()].some(folder => folder.registering) &&
    !rows.some(row => row.table === 'folder' && row.op === 'insert' && row.after.registering)
  )
    return entering
  const placements = new Map(slice.placements.map(placement => [placement.id, placement]))
  const after = documentsAfter(slice, rows)
  const enter = (documentId: string | undefined, folderId: FolderId | null | undefined) => {
    const document = documentId === undefined ? undefined : after.get(documentId)
    if (document?.trashedAt === null && document.runningNumber === null && folderId && !entering.has(document.id))
      entering.set(document.id, folderId)
  }
  for (const row of rows) {
    if (row.table === 'placement' && row.op === 'insert') enter(row.after.documentId, row.after.folderId)
    else if (row.table === 'placement' && row.op === 'update')
      enter(placements.get(row.id)?.documentId, row.after.folderId)
    else if (row.table === 'document' && row.op === 'update' && row.after.trashedAt === null)
      for (const placement of slice.placements) if (placement.documentId === row.id) enter(row.id, placement.folderId)
  }
  return entering
}

function documentsAfter(slice: Slice, rows: readonly RowChange[]): Map<string, DocumentRow> {
  const documents = new Map(slice.documents)
  for (const row of rows) {
    if (row.table !== 'document') continue
    const present = documents.get(row.id)
    if (row.op === 'insert') documents.set(row.id, row.after)
    else if (row.op === 'delete') documents.delete(row.id)
    else if (present) documents.set(row.id, { ...present, ...row.after })
  }
  return documents
}

function withNumbers(slice: Slice, rows: readonly RowChange[], numbers: ReadonlyMap<string, string>): RowChange[] {
  const left = new Map(numbers)
  const numbered = rows.map((row): RowChange => {
    const runningNumber = row.table === 'document' ? left.get(row.id) : undefined
    if (runningNumber === undefined || row.table !== 'document' || row.op === 'delete') return row
    left.delete(row.id)
    if (row.op === 'insert')
      return { ...row, after: { ...row.after, runningNumber, folded: foldedName(row.after.name, runningNumber) } }
    const present = slice.documents.get(row.id)
    const before = { ...row.before, runningNumber: null, folded: present?.folded ?? '' }
    return {
      ...row,
      before,
      after: { ...row.after, runningNumber, folded: foldedName(row.after.name ?? present?.name ?? '', runningNumber) },
    }
  })
  return [
    ...numbered,
    ...[...left].flatMap(([id, runningNumber]) => {
      const document = slice.documents.get(id)
      return document
        ? updated('document', document, { runningNumber, folded: foldedName(document.name, runningNumber) })
        : []
    }),
  ]
}
