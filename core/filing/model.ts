// Which folder a document belongs to, from what is filed already. Each folder is the sum of its documents'
// terms, kept up to date document by document; a document is held against all of them.
//
// The score of a folder is the query likelihood with Dirichlet smoothing (Zhai and Lafferty, "A study of
// smoothing methods for language models", 2004): the sum over the document's terms t of
// w(t) · log(1 + n(t, folder) / (μ · p(t))), less W · log(1 + size(folder) / μ), where n counts the
// documents of the folder that have the term, p is the share of the term in the whole plan, size the sum
// of n, and W the sum of the weights. Names and purposes of folders count as one document each.

import type { FolderId } from '../ids'
import type { Filable, Terms } from './terms'
import { termsOf } from './terms'

/** μ as a share of what a folder holds on average. */
const SMOOTHING = 0.3
/**
 * Scores differ by more than the evidence is worth, since words come in company: they are divided by this share of
 * their weight.
 */
const TEMPERATURE = 0.2
const PRIOR_WEIGHT = 1.5
const NAME_COUNT = 1.5
const RECENT_MS = 15 * 60_000
const RECENT_BONUS = 0.08

export interface FolderWords {
  readonly id: FolderId
  /** Its name and purpose. */
  readonly text: string
}

export interface Scored {
  readonly folderId: FolderId
  /** From 0 to 1; all folders together make 1. */
  readonly share: number
  /** Terms that speak for it most, the strongest first. */
  readonly terms: readonly string[]
}

interface Held {
  readonly terms: readonly number[]
  readonly folderIds: readonly FolderId[]
}

export class FilingModel {
  private readonly termIds = new Map<string, number>()
  private readonly termNames: string[] = []
  /** How often each term occurs in all, by its number. */
  private readonly totals: number[] = []
  /** By the number of a term: how many documents of each folder have it. */
  private readonly postings: Map<FolderId, number>[] = []
  private readonly sizes = new Map<FolderId, number>()
  private readonly documents = new Map<string, Held>()
  private readonly described = new Map<FolderId, readonly number[]>()
  private readonly members = new Map<FolderId, Set<string>>()
  private readonly filedAt = new Map<FolderId, number>()
  private mass = 0

  get size(): number {
    return this.documents.size
  }

  /** How many documents the folder holds. */
  membersOf(folderId: FolderId): number {
    return this.members.get(folderId)?.size ?? 0
  }

  /** Takes a document into account with all its places; what was known of it before is forgotten. */
  put(document: Filable, folderIds: readonly FolderId[], at: number | null = null): void {
    this.take(document.id)
    if (folderIds.length === 0) return
    const terms = [...termsOf(document).keys()].map(term => this.numberOf(term))
    this.documents.set(document.id, { terms, folderIds })
    for (const folderId of folderIds) {
      this.count(folderId, terms, 1)
      this.join(folderId, document.id)
      if (at !== null) this.filedAt.set(folderId, Math.max(at, this.filedAt.get(folderId) ?? 0))
    }
  }

  take(documentId: string): void {
    const held = this.documents.get(documentId)
    if (!held) return
    this.documents.delete(documentId)
    for (const folderId of held.folderIds) {
      this.count(folderId, held.terms, -1)
      this.members.get(folderId)?.delete(documentId)
    }
  }

  /** The folders there are, with their words; those that are gone are forgotten. */
  describe(folders: readonly FolderWords[]): void {
    const present = new Set(folders.map(folder => folder.id))
    for (const id of [...this.described.keys()]) if (!present.has(id)) this.forget(id)
    for (const { id, text } of folders) {
      const terms = [...termsOf({ id, name: '', extension: '', origin: '', sender: '', text }).keys()].map(term =>
        this.numberOf(term),
      )
      const before = this.described.get(id)
      if (before?.join() === terms.join()) continue
      if (before) this.count(id, before, -NAME_COUNT)
      this.count(id, terms, NAME_COUNT)
      this.described.set(id, terms)
    }
  }

  private forget(folderId: FolderId): void {
    this.count(folderId, this.described.get(folderId) ?? [], -NAME_COUNT)
    this.described.delete(folderId)
  }

  /**
   * The likeliest folders, at most `most`; empty when nothing speaks for any. A document that is filed already is held
   * against all but itself.
   */
  score(document: Filable, most: number, now: number | null = null): Scored[] {
    const held = this.documents.get(document.id)
    if (held) this.take(document.id)
    try {
      return this.scoreOther(termsOf(document), most, now)
    } finally {
      if (held) this.restore(document.id, held)
    }
  }

  /** How many documents of the folder share a good part of the words of this one. */
  alike(document: Filable, folderId: FolderId): { readonly alike: number; readonly of: number } {
    const terms = new Set(
      [...termsOf(document).keys()].flatMap(term => this.termIds.get(term) ?? []).filter(term => this.isTelling(term)),
    )
    let [alike, of] = [0, 0]
    for (const id of this.members.get(folderId) ?? []) {
      const held = this.documents.get(id)
      if (id === document.id || !held) continue
      of++
      const telling = held.terms.filter(term => this.isTelling(term))
      const shared = telling.filter(term => terms.has(term)).length
      if (shared >= 3 && shared >= 0.3 * Math.min(telling.length, terms.size)) alike++
    }
    return { alike, of }
  }

  private scoreOther(terms: Terms, most: number, now: number | null): Scored[] {
    const scores = new Map<FolderId, { score: number; parts: [number, number][] }>()
    let weight = 0
    const mu = (SMOOTHING * this.mass) / Math.max(1, this.sizes.size)
    for (const [term, importance] of terms) {
      const number = this.termIds.get(term)
      const total = number === undefined ? 0 : (this.totals[number] ?? 0)
      if (number === undefined || total <= 0) continue
      weight += importance
      const background = (mu * total) / this.mass
      for (const [folderId, count] of this.postings[number] ?? []) {
        const part = importance * Math.log(1 + count / background)
        const known = scores.get(folderId)
        if (known) {
          known.score += part
          known.parts.push([number, part])
        } else scores.set(folderId, { score: part, parts: [[number, part]] })
      }
    }
    if (weight === 0) return []
    const scored = [...scores]
      .map(([folderId, { score, parts }]) => {
        const size = this.sizes.get(folderId) ?? 0
        const recent =
          now !== null && now - (this.filedAt.get(folderId) ?? -Infinity) < RECENT_MS ? RECENT_BONUS * weight : 0
        const prior = PRIOR_WEIGHT * Math.log(1 + this.membersOf(folderId))
        return { folderId, parts, score: score - weight * Math.log(1 + size / mu) + prior + recent }
      })
      .sort((a, b) => b.score - a.score)
    const best = scored[0]?.score ?? 0
    const spread = Math.max(1, TEMPERATURE * weight)
    const sum = scored.reduce((all, { score }) => all + Math.exp((score - best) / spread), 0)
    return scored.slice(0, most).map(({ folderId, score, parts }) => ({
      folderId,
      share: Math.exp((score - best) / spread) / sum,
      terms: parts
        .sort((a, b) => b[1] - a[1])
        .slice(0, 8)
        .map(([number]) => this.termNames[number] ?? ''),
    }))
  }

  private restore(documentId: string, held: Held): void {
    this.documents.set(documentId, held)
    for (const folderId of held.folderIds) {
      this.count(folderId, held.terms, 1)
      this.join(folderId, documentId)
    }
  }

  private join(folderId: FolderId, documentId: string): void {
    const known = this.members.get(folderId)
    if (known) known.add(documentId)
    else this.members.set(folderId, new Set([documentId]))
  }

  /** A word that stands in few enough documents to say something. */
  private isTelling(term: number): boolean {
    return (this.totals[term] ?? 0) <= Math.max(3, 0.2 * this.documents.size)
  }

  private count(folderId: FolderId, terms: readonly number[], by: number): void {
    for (const term of terms) {
      const folders = this.postings[term]
      const count = (folders?.get(folderId) ?? 0) + by
      if (count > 0) folders?.set(folderId, count)
      else folders?.delete(folderId)
      this.totals[term] = (this.totals[term] ?? 0) + by
    }
    this.mass += by * terms.length
    const size = (this.sizes.get(folderId) ?? 0) + by * terms.length
    if (size > 0) this.sizes.set(folderId, size)
    else this.sizes.delete(folderId)
  }

  private numberOf(term: string): number {
    const known = this.termIds.get(term)
    if (known !== undefined) return known
    const number = this.termNames.length
    this.termIds.set(term, number)
    this.termNames.push(term)
    this.totals.push(0)
    this.postings.push(new Map())
    return number
  }
}
