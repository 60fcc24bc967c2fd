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

/** Folders with each word of their name (folded, core/text), in some form of it, in the name of the document: those with the most words. */
export function calledLike(name: string, folders: Iterable<readonly [FolderId, { readonly folded: string }]>): Called[] {
  const said = tellingWords(foldedText(name))
  if (said.length === 0) return []
  const fitting = [...folders].flatMap(([folderId, folder]) => {
    const wanted = tellingWords(folder.folded)
    const words = wanted.flatMap(word => said.find(other => areForms(word, other)) ?? [])
    return wanted.length > 0 && words.length === wanted.length ? [{ folderId, words }] : []
  })
  const most = Math.max(0, ...fitting.map(({ words }) => words.length))
  const best = fitting.filter(({ words }) => words.length === most)
  if (best.length > EQUALLY_GOOD) return []
  return best.map(one => ({ ...one, share: most / said.length / best.length }))
}

function tellingWords(folded: string): string[] {
  return folded.split(' ').filter(word => word.length > 3 && !/^\p{N}+$/u.test(word))
}
