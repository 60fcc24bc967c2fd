import { fail } from '../../../core/errors'
import type { ListedDocument, Sort } from '../../db/sql/documentList'
import { documentListIds, documentListPage } from '../../db/sql/documentList'
import type { Actor } from '../actor'

export interface ListRequest {
  /** null: the In-tray. */
  readonly folderId: string | null
  readonly sort: Sort
  readonly descending: boolean
  /** As given with the page before; null for the first page. */
  readonly cursor: string | null
  readonly limit: number
}

export interface DocumentListPage {
  readonly documents: readonly ListedDocument[]
  /** So many of them are kept before the others of the folder. */
  readonly first: number
  readonly next: string | null
}

/** Throws request.invalid for a cursor that was not given out. */
export async function listDocuments(actor: Actor, request: ListRequest): Promise<DocumentListPage> {
  const { folderId, sort, descending, limit, cursor } = request
  const after = cursor === null ? null : readCursor(cursor)
  const found = await documentListPage({ planId: actor.planId, folderId, sort, descending, limit: limit + 1, after })
  const first = found.filter(one => one.first).length
  const page = found.slice(0, first + limit)
  const last = page.at(-1)
  return {
    documents: page.map(({ key: _key, first: _first, ...document }) => document),
    first,
    next: found.length > page.length && last ? writeCursor(last.key, last.id) : null,
  }
}

export function listDocumentIds(
  actor: Actor,
  folderId: string | null,
  sort: Sort,
  descending: boolean,
): Promise<string[]> {
  return documentListIds(actor.planId, folderId, sort, descending)
}

function writeCursor(key: string, id: string): string {
  return Buffer.from(JSON.stringify([key, id])).toString('base64url')
}

function readCursor(cursor: string): { key: string; id: string } {
  try {
    const parsed: unknown = JSON.parse(Buffer.from(cursor, 'base64url').toString())
    if (Array.isArray(parsed) && typeof parsed[0] === 'string' && typeof parsed[1] === 'string')
      return { key: parsed[0], id: parsed[1] }
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
  }
  return fail('request.invalid', { why: 'the cursor is not one that was given out' })
}
