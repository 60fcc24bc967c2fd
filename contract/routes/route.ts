import type { AnySchema, InferType } from 'yup'
import { object } from 'yup'
import type { Id } from '../../core/ids'

export interface Route {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'
  readonly path: string
  readonly summary: string
  /** False where nobody has to be signed in. */
  readonly signedIn: boolean
  /** Whoever works in the plan of another is refused. */
  readonly ownersOnly?: boolean
  readonly query?: AnySchema
  readonly body?: AnySchema | 'bytes'
  readonly reply?: AnySchema | 'bytes' | 'events' | 'text' | 'json'
}

/** A route of the contract. Its handler (server/http/route) takes the types of query, body and reply from here. */
export function endpoint<const R extends Route>(route: R): R {
  return route
}

/** What a handler gets as query or body. */
export type Input<Shape> = Shape extends AnySchema ? InferType<Shape> : undefined

/** What a handler gives back: read-only, as services give it; nothing where the contract names no reply. */
export type ReplyOf<R extends Route> = R['reply'] extends AnySchema
  ? Unwritten<InferType<R['reply']>>
  : R['reply'] extends string
    ? unknown
    : null | undefined

/** The reply of what only has to succeed. */
export const doneShape = object({})

/** The same value where nothing may be written to it; ids are texts on their way out. */
type Unwritten<T> =
  T extends Id<string>
    ? string
    : T extends readonly (infer Item)[]
      ? readonly Unwritten<Item>[]
      : T extends object
        ? { readonly [Key in keyof T]: Unwritten<T[Key]> }
        : T
