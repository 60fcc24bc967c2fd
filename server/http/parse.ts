import type { H3Event } from 'h3'
import { getRouterParam } from 'h3'
import type { AnySchema, InferType } from 'yup'
import { fail } from '../../core/errors'
import type { SearchQuery } from '../../core/find/index'
import { parseSearchQuery } from '../../core/find/index'
import type { Id } from '../../core/ids'
import { tryParseId } from '../../core/ids'
import { checked, parseJson } from './body'

/** A value given as JSON text. Throws request.invalid. */
export async function jsonOf<S extends AnySchema>(text: string, shape: S): Promise<InferType<S>> {
  return checked(shape, parseJson(text, 'a part of it is not JSON'))
}

/** An id in the path. One that is no id cannot exist: throws notFound. */
export function idInPath<Kind extends string>(event: H3Event, part = 'id'): Id<Kind> {
  return tryParseId<Kind>(getRouterParam(event, part) ?? '') ?? fail('notFound')
}

/** A link's secret or the id of a grant in the path, whatever it is: one that was never made opens nothing. */
export const keyInPath = (event: H3Event): string => getRouterParam(event, 'key') ?? ''

/** "in-tray" as null, a folder's id as such. */
export function placeOf<Kind extends string>(text: string): Id<Kind> | null {
  return text === 'in-tray' ? null : (tryParseId<Kind>(text) ?? fail('notFound'))
}

/** Ids with commas between them. One that is no id cannot exist: throws notFound. */
export function idsOf<Kind extends string>(text: string): Id<Kind>[] {
  return text === '' ? [] : text.split(',').map(id => tryParseId<Kind>(id) ?? fail('notFound'))
}

export function wholeNumberOf(value: unknown): number | null {
  const number = Number(value)
  return value !== undefined && value !== '' && Number.isInteger(number) && number >= 0 ? number : null
}

type Cursor = { readonly at: number } | { readonly after: { readonly id: string; readonly changedAt: string } }

export function foundCursor(cursor: Cursor): string {
  return 'at' in cursor ? `at_${cursor.at}` : `after_${cursor.after.changedAt}_${cursor.after.id}`
}

/** Throws request.invalid for a cursor that was not given out. */
export function readFoundCursor(cursor: string): Cursor {
  const [kind, first = '', second = ''] = cursor.split('_')
  const at = wholeNumberOf(first)
  if (kind === 'at' && at !== null && at <= FOUND_LIMIT) return { at }
  if (kind === 'after' && !Number.isNaN(Date.parse(first)) && tryParseId(second) !== null)
    return { after: { changedAt: first, id: second } }
  return fail('request.invalid', { why: 'the cursor is not one that was given out' })
}

const FOUND_LIMIT = 1_000_000

/** A search as it stands in a URL. Throws rule.wrong. */
export function requestIn(query: Readonly<Record<string, unknown>>): SearchQuery {
  const read = parseSearchQuery(query)
  return read.ok ? read.request : fail('rule.wrong', { why: read.why })
}
