import type { Refusal } from '../../core/errors'
import { HembixError } from '../../core/errors'

/** What is known of something that the server holds. */
export type Remote<T> =
  | { readonly state: 'idle' }
  | { readonly state: 'loading' }
  | { readonly state: 'error'; readonly reason: Refusal }
  | { readonly state: 'ready'; readonly value: T }

/** The refusal behind a thrown error; anything else is a fault of ours and is thrown on. */
export function refusalOf(error: unknown): Refusal {
  if (error instanceof HembixError) return error.refusal
  throw error
}

/** What comes of the work, with why where it did not. */
export async function remoteOf<T>(work: Promise<T>): Promise<Remote<T>> {
  try {
    return { state: 'ready', value: await work }
  } catch (error) {
    return { state: 'error', reason: refusalOf(error) }
  }
}

const PASSING: readonly string[] = ['connection.lost', 'database.away', 'server.crowded', 'server.busy']

/** Whether the same may be answered when it is asked once more. */
export const isPassing = ({ code }: Refusal): boolean => PASSING.includes(code)
