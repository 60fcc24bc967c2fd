// What the folders of a branch become when a draft of it is applied. The same function makes the
// preview in the page and the Change on the server, so that what was seen is what is done.

import { generateKeyBetween, generateNKeysBetween } from 'fractional-indexing'
import type { FolderId, MeaningId } from '../ids'
import type { FolderRow } from '../rows/index'
import { foldedText } from '../text/index'
import { longestRise } from './longestRise'
import { newFolder } from './newFolder'

/** A folder as a draft wants it; parents come before their children. */
export interface DraftedFolder {
  readonly id: FolderId
  /** Index of its parent among the drafted folders; -1: the root of the draft. */
  readonly parent: number
  readonly name: string
  readonly number: number | null
  readonly label: string | null
  readonly numbered: boolean
  readonly meaningId: MeaningId | null
  readonly purpose: string
  /** A new folder is numbered and ordered inside as this one is; left out: as every folder begins. */
  readonly likeId?: FolderId | null
}

/**
 * The rows of the drafted folders, in the order given. `present` holds the live folders; `shown` says
 * in which order the children of a folder stand now. Order keys change only where the order does.
 * `additive`: the folders stand behind those that the root holds already.
 */
export function draftedRows(
  present: ReadonlyMap<string, FolderRow>,
  shown: (parentId: FolderId | null) => readonly FolderId[],
  rootId: FolderId | null,
  drafted: readonly DraftedFolder[],
  now: string,
  { additive = false } = {},
): FolderRow[] {
  const childrenOf = new Map<number, number[]>()
  drafted.forEach((folder, index) => {
    const siblings = childrenOf.get(folder.parent)
    if (siblings) siblings.push(index)
    else childrenOf.set(folder.parent, [index])
  })
  const keys = new Map<number, string>()
  for (const [parent, children] of childrenOf) {
    const parentId = parent < 0 ? rootId : (drafted[parent]?.id ?? null)
    const order = new Map(shown(parentId).map((id, index) => [id, index]))
    const stays = (index: number) => present.get(drafted[index]?.id ?? '')?.parentId === parentId
    keysFor(
      children.map(index => {
        const id = drafted[index]?.id
        return id !== undefined && stays(index)
          ? { key: present.get(id)?.orderKey ?? null, place: order.get(id) ?? null }
          : { key: null, place: null }
      }),
      parent < 0 && additive ? lastKey(present, rootId) : null,
    ).forEach((key, at) => keys.set(children[at] ?? -1, key))
  }
  return drafted.map((folder, index) => {
    const parentId = folder.parent < 0 ? rootId : (drafted[folder.parent]?.id ?? null)
    const row = present.get(folder.id)
    const { name, number, label, numbered, meaningId, purpose } = folder
    const facts = { parentId, name, number, label, numbered, meaningId, purpose, orderKey: keys.get(index) ?? '' }
    if (!row) {
      const like = present.get(folder.likeId ?? '')
      return newFolder(
        { id: folder.id, ...facts, ...(like ? { numbering: like.numbering, childOrder: like.childOrder } : {}) },
        { now },
      )
    }
    return {
      ...row,
      ...facts,
      folded: row.name === name ? row.folded : foldedText(name),
      numberFixed: row.numberFixed && number === row.number,
    }
  })
}

function lastKey(present: ReadonlyMap<string, FolderRow>, parentId: FolderId | null): string | null {
  let last: string | null = null
  for (const folder of present.values())
    if (folder.parentId === parentId && (last === null || folder.orderKey > last)) last = folder.orderKey
  return last
}

interface Standing {
  readonly key: string | null
  readonly place: number | null
}

/** Order keys for children in this order; as many as possible keep theirs. */
function keysFor(children: readonly Standing[], behind: string | null): string[] {
  const kept = new Set(longestRise(children.map(child => child.place)))
  const keys = children.map((child, index) => (kept.has(index) ? child.key : null))
  const rising = keys.filter(key => key !== null)
  if (rising.some((key, index) => index > 0 && key <= (rising[index - 1] ?? '')))
    return generateNKeysBetween(null, null, children.length)
  for (let at = 0; at < keys.length;) {
    if (keys[at] !== null) {
      at++
      continue
    }
    let end = at
    while (end < keys.length && keys[end] === null) end++
    generateNKeysBetween(keys[at - 1] ?? behind, keys[end] ?? null, end - at).forEach((key, index) => {
      keys[at + index] = key
    })
    at = end
  }
  return keys.map(key => key ?? generateKeyBetween(null, null))
}
