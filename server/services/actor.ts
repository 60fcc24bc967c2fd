import { v7 } from 'uuid'

/** Who acts, and on which plan. Every service is bounded by it. */
export interface Actor {
  readonly accountId: string
  readonly email: string
  readonly planId: string
}

/** The language in which names are put in order. */
export const LOCALE = 'en'

export function newId(): string {
  return v7()
}
