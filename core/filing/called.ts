// The folders that are called what a document is called: all there is to go by while little is filed.

import type { FolderId } from '../ids'
import { areForms, foldedText } from '../text/index'

export interface Called {
  readonly folderId: FolderId
  /** The words of the document's name that the folder is called after. */
  readonly words: readonly string[]
  /** How much of the document's name they are, from 0 to 1; folders that fit equally well have equal parts of it. */
  readonly share: number
}

/** With more folders that fit equally well, any of them would be a guess. */
const EQUALLY_GOOD = 3

/**
 * Folders with each word of their name (folded, core/text), in some form of it, in the name of the document: those with
 * the most words.
 */
export function calledLike(
  name: string,
  folders: Iterable<readonly [FolderId, { readonly folded: string }]>,
): Called[] {
  const said = tellingWords(foldedText(name))
  if (said.length === 0) return []
  // Forms of a word begin alike: almost all of many thousand folders are passed over by that.
  const beginnings = new Set(said.map(beginningOf))
  const fitting: { readonly folderId: FolderId; readonly words: readonly string[] }[] = []
  for (const [folderId, { folded }] of folders) {
    if (!mayFit(folded, beginnings)) continue
    const wanted = tellingWords(folded)
    const words = wanted.flatMap(word => said.find(other => areForms(word, other)) ?? [])
    if (wanted.length > 0 && words.length === wanted.length) fitting.push({ folderId, words })
  }
  const most = Math.max(0, ...fitting.map(({ words }) => words.length))
  const best = fitting.filter(({ words }) => words.length === most)
  if (best.length > EQUALLY_GOOD) return []
  return best.map(one => ({ ...one, share: most / said.length / best.length }))
}

const NUMBER = /^\p{N}+$/u

function tellingWords(folded: string): string[] {
  return folded.split(' ').filter(isTelling)
}

/** Whether each telling word begins as one that is said; mostly the first one tells that it does not. */
function mayFit(folded: string, beginnings: ReadonlySet<string>): boolean {
  for (let from = 0; from < folded.length;) {
    const space = folded.indexOf(' ', from)
    const to = space < 0 ? folded.length : space
    if (to - from > 3 && !beginnings.has(folded.slice(from, from + 2)) && isTelling(folded.slice(from, to)))
      return false
    from = to + 1
  }
  return true
}

const isTelling = (word: string): boolean => word.length > 3 && !NUMBER.test(word)
const beginningOf = (word: string): string => word.slice(0, 2)
