import { editDistance, forgivenErrors } from './distance'
import { foldedText } from './words'

export interface Suggestion<Item> {
  readonly item: Item
  /** It is only near to what was typed. */
  readonly isNear: boolean
}

/**
 * Those of the named items that fit what is typed: beginnings before middles, then what is only a slip away. `folded`
 * as core/text folds it.
 */
export function suggest<Item extends { readonly folded: string }>(
  items: readonly Item[],
  typed: string,
  most: number,
): Suggestion<Item>[] {
  const terms = foldedText(typed)
  if (terms === '') return items.slice(0, most).map(item => ({ item, isNear: false }))
  const starts = items.filter(item => item.folded.startsWith(terms))
  const inside = items.filter(item => !item.folded.startsWith(terms) && ` ${item.folded}`.includes(` ${terms}`))
  const errors = forgivenErrors(terms.length)
  const known = new Set([...starts, ...inside])
  const near =
    errors === 0
      ? []
      : items.filter(
          item =>
            !known.has(item) &&
            Math.min(
              editDistance(terms, item.folded, errors),
              editDistance(terms, item.folded.slice(0, terms.length), errors),
            ) <= errors,
        )
  return [
    ...[...starts, ...inside].map(item => ({ item, isNear: false })),
    ...near.map(item => ({ item, isNear: true })),
  ].slice(0, most)
}
