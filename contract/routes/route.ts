import type { AnySchema } from 'yup'

export interface Route {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'
  readonly path: string
  readonly summary: string
  /** False where nobody has to be signed in. */
  readonly signedIn: boolean
  readonly query?: AnySchema
  readonly body?: AnySchema | 'bytes'
  readonly reply?: AnySchema | 'bytes' | 'events'
}
