import type { FolderId } from '../ids'
import { editDistance, foldedText, forgivenErrors } from '../text/index'

export interface FindableFolder { readonly id: FolderId; readonly code: string; readonly folded: string }

/**
 * Folders by code or name, best first: the very code, codes that begin so, names that begin so,
 * names with a word that begins so, names within the forgiven typing errors. All typed words must be met.
 */
export function findFolders<F extends FindableFolder>(folders: readonly F[], typed: string, limit: number): F[] {
  const query = typed.trim()
  const words = foldedText(query).split(' ').filter(word => word !== '')
  if (words.length === 0) return []
  const ranked: { folder: F; rank: number }[] = []
  for (const folder of folders) {
    const rank = rankOf(folder, query, words)
    if (rank !== null) ranked.push({ folder, rank })
  }
  return ranked.sort((a, b) => a.rank - b.rank).slice(0, limit).map(({ folder }) => folder)
}

function rankOf(folder: FindableFolder, query: string, words: readonly string[]): number | null {
  const code = folder.code.toLowerCase()
  const typedCode = query.toLowerCase().replace(/\.+$/, '')
  if (code !== '' && code === typedCode) return 0
  if (code !== '' && code.startsWith(`${typedCode}.`)) return 1
  if (folder.folded.startsWith(words.join(' '))) return 2
  const [first = '', ...rest] = query.split(/\s+/)
  if (code !== '' && code === first.toLowerCase() && startsWordsOf(folder.folded, foldedText(rest.join(' ')).split(' '))) return 0
  if (startsWordsOf(folder.folded, words)) return 3
  const names = folder.folded.split(' ')
  return words.every(word => names.some(name => isNear(word, name))) ? 4 : null
}

function startsWordsOf(folded: string, words: readonly string[]): boolean {
  return words.every(word => ` ${folded}`.includes(` ${word}`))
}

/** A typed word and a word of a name, typing errors forgiven; a longer name may go on after the typed part. */
export function isNear(typed: string, name: string): boolean {
  const limit = forgivenErrors(typed.length)
  if (limit === 0) return name.startsWith(typed)
  if (editDistance(typed, name, limit) <= limit) return true
  return name.length > typed.length && editDistance(typed, name.slice(0, typed.length), limit) <= limit
}
