const APART = /[\s,;:.–—_()-]+$/u
const LEAST = 3
const DATE = /^\d{4}(?:[-.]?\d{2}){0,2}[\s_-]+/u

/**
 * What names have in common at their beginning, behind their dates, in whole words: "Knots handout" for "Knots handout:
 * clove hitch" and "Knots handout: bowline". Empty where that is nothing.
 */
export function commonName(names: readonly string[]): string {
  const [first = '', ...others] = names.map(name => name.replace(DATE, ''))
  let length = first.length
  for (const name of others) {
    let at = 0
    while (at < length && name[at] === first[at]) at++
    length = at
  }
  const isWhole = [first, ...others].every(name => !/[\p{L}\p{N}]/u.test(name[length] ?? ''))
  const common = first.slice(0, length)
  const words = (isWhole ? common : common.replace(/[\p{L}\p{N}]+$/u, '')).replace(APART, '')
  return words.length < LEAST ? '' : words
}
