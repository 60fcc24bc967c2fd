import type { FolderId } from '../ids'
import { childrenOf, outlineOf } from '../tree/index'
import type { NumberedFolder, NumberedTree } from './codes'

/**
 * Codes for names outside of Hembix, where programs sort letter by letter: every number has as many
 * digits as the longest among its siblings, parts are joined by ".", and folders without a number
 * stand behind. Empty where no sibling has a number.
 */
export function paddedCodes<F extends NumberedFolder>(numbered: NumberedTree<F>): Map<FolderId, string> {
  const padded = new Map<FolderId, string>()
  const own = (id: FolderId) => {
    const number = numbered.codes.get(id)?.number ?? null
    const label = numbered.tree.byId.get(id)?.label ?? null
    return number === null ? null : (label ?? String(number))
  }
  const all: readonly (FolderId | null)[] = [null, ...outlineOf(numbered.tree).map(({ folder }) => folder.id)]
  for (const parent of all) {
    const children = childrenOf(numbered.tree, parent)
    const codes = children.map(child => (numbered.codes.get(child.id)?.code === '' ? null : own(child.id)))
    const width = Math.max(0, ...codes.map(code => (code !== null && /^\d+$/.test(code) ? code.length : 0)))
    const front = parent === null ? '' : (padded.get(parent) ?? '')
    children.forEach((child, index) => {
      const code = codes[index] ?? null
      const part = code === null ? '' : /^\d+$/.test(code) ? code.padStart(width, '0') : code
      padded.set(child.id, part === '' ? '' : front === '' ? part : `${front}.${part}`)
    })
  }
  return padded
}
