import type { FolderId } from '../ids'
import { editDistance, foldedText, forgivenErrors } from '../text/index'

export interface SearchableFolder {
  readonly id: FolderId
  readonly code: string
  readonly folded: string
}

/**
 * Folders by code or name, best first: the very code, codes that begin so, names that begin so,
 * names with a word that begins so; where there is none of these, names within the forgiven typing
 * errors. All typed words must be met.
 */
export function findFolders<F extends SearchableFolder>(folders: readonly F[], typed: string, limit: number): F[] {
  const query = typed.trim()
  const words = foldedText(query)
    .split(' ')
    .filter(word => word !== '')
  if (words.length === 0) return []
  const ranked: { folder: F; rank: number }[] = []
  const request = askedFor(query, words)
  for (const folder of folders) {
    const rank = rankOf(folder, request)
    if (rank !== null) ranked.push({ folder, rank })
  }
  if (ranked.length === 0) return folders.filter(folder => isLike(folder, words)).slice(0, limit)
  return ranked
    .sort((a, b) => a.rank - b.rank)
    .slice(0, limit)
    .map(({ folder }) => folder)
}

interface FolderQuery {
  readonly code: string
  readonly below: string
  readonly start: string
  readonly words: readonly string[]
  readonly first: string
  readonly rest: readonly string[]
}

/** What is typed, taken apart once for all folders. */
function askedFor(query: string, words: readonly string[]): FolderQuery {
  const code = query.toLowerCase().replace(/\.+$/, '')
  const [first = '', ...rest] = query.split(/\s+/)
  return {
    code,
    below: `${code}.`,
    start: words.join(' '),
    words,
    first: first.toLowerCase(),
    rest: foldedText(rest.join(' ')).split(' '),
  }
}

function rankOf(folder: SearchableFolder, { code, below, start, words, first, rest }: FolderQuery): number | null {
  if (folder.code !== '') {
    const own = folder.code.toLowerCase()
    if (own === code) return 0
    if (own.startsWith(below)) return 1
    if (own === first && startsWordsOf(folder.folded, rest)) return 0
  }
  if (folder.folded.startsWith(start)) return 2
  return startsWordsOf(folder.folded, words) ? 3 : null
}

/** Every typed word is near a word of the name. */
function isLike(folder: SearchableFolder, words: readonly string[]): boolean {
  const names = folder.folded.split(' ')
  return words.every(word => names.some(name => isNear(word, name)))
}

function startsWordsOf(folded: string, words: readonly string[]): boolean {
  return words.every(word => ` ${folded}`.includes(` ${word}`))
}

/** A typed word and a word of a name, typing errors forgiven; a longer name may go on after the typed part. */
function isNear(typed: string, name: string): boolean {
  const limit = forgivenErrors(typed.length)
  if (limit === 0) return name.startsWith(typed)
  if (editDistance(typed, name, limit) <= limit) return true
  return name.length > typed.length && editDistance(typed, name.slice(0, typed.length), limit) <= limit
}
