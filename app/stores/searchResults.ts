// What a search found, page after page.

import type { Ref } from 'vue'
import type { Found } from '../../contract/find'
import type { FindMore, SearchParams } from '../api/find'
import * as api from '../api/find'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export interface FindRequest {
  readonly query: SearchParams
  readonly more: FindMore
}
export interface Results extends Found {
  readonly ms: number
  /** What was asked. */
  readonly request: FindRequest
  /**
   * What was looked for, which is another where a typing error was forgiven, or words were meant as a time: the next
   * pages and the numbers are of this.
   */
  readonly effective: FindRequest
}

/** What was looked for in place of what was typed. */
export function meantBy({ query, more }: FindRequest, { corrected }: Found): FindRequest {
  if (!corrected) return { query, more }
  const { q, rule } = corrected
  return { query: { ...query, q, ...(rule === '' ? {} : { rule }) }, more: { ...more, typing: false } }
}

const MOST_AT_ONCE = 200

/** A first page with the next ones, until `shown` are there. */
export async function upTo(
  shown: number,
  first: Found,
  { query, more }: FindRequest,
  isWanted: () => boolean,
): Promise<Found> {
  let [documents, next] = [first.documents, first.next]
  while (next !== null && documents.length < shown && isWanted()) {
    const page: Found = await api.find(query, {
      ...more,
      cursor: next,
      limit: Math.min(MOST_AT_ONCE, shown - documents.length),
    })
    documents = [...documents, ...page.documents]
    next = page.next
  }
  return { ...first, documents, next }
}

/** What follows what is shown, asked for once however often it is wanted while it comes. */
export function nextPages(results: Ref<Remote<Results>>) {
  let fetching: { readonly after: Results; readonly done: Promise<void> } | null = null
  const present = () => (results.value.state === 'ready' ? results.value.value : null)

  function more(): Promise<void> {
    const now = present()
    if (now === null || now.next === null) return Promise.resolve()
    if (fetching?.after !== now) fetching = { after: now, done: fetchAfter(now, now.next) }
    return fetching.done
  }

  async function fetchAfter(after: Results, cursor: string): Promise<void> {
    try {
      const found = await api.find(after.effective.query, { ...after.effective.more, cursor })
      const documents = [...after.documents, ...found.documents]
      if (present() === after) results.value = { state: 'ready', value: { ...after, documents, next: found.next } }
    } catch (error) {
      refusalOf(error) // away: asked for again when the person scrolls on
      fetching = null
    }
  }

  /** Loads everything that is found, up to what the list can show. */
  async function all(limit: number): Promise<void> {
    for (let now = present(); now !== null && now.next !== null && now.documents.length < limit;) {
      const before = now.documents.length
      await more()
      now = present()
      if (now?.documents.length === before) return
    }
  }

  return { more, all }
}
