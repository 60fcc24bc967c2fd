// Words as searches compare them: letters and digits, case and accents folded. The same function
// makes the words of names, of pages and of what is typed, so that they always meet.

/** Longer runs of letters are no words anybody types; they are cut to keep the index sound. */
const WORD_LIMIT = 64

export interface Word {
  /** Folded. */
  readonly text: string
  /** Where it stands in the original, in UTF-16 units: first and one past the last. */
  readonly from: number
  readonly to: number
}

const WORD = /[\p{L}\p{N}\p{M}]+/gu

// Most words have nothing but case to fold.
const PLAIN = /^[ -~]*$/

/** Case, accents and compatibility forms taken away: "Größe" and "GROSSE" are both "grosse". */
function foldAll(text: string): string {
  return text
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/æ/g, 'ae')
    .replace(/œ/g, 'oe')
    .replace(/ø/g, 'o')
    .replace(/đ/g, 'd')
    .replace(/ł/g, 'l')
}

export function wordsOf(text: string): Word[] {
  const words: Word[] = []
  for (const match of text.matchAll(WORD)) {
    const folded = (
      PLAIN.test(match[0]) ? match[0].toLowerCase() : foldAll(match[0]).replace(/[^\p{L}\p{N}]+/gu, '')
    ).slice(0, WORD_LIMIT)
    if (folded !== '') words.push({ text: folded, from: match.index, to: match.index + match[0].length })
  }
  return words
}

/** The folded words of a text with one space between: the form in which names and pages are kept for searching. */
export function foldedText(text: string): string {
  return wordsOf(text)
    .map(word => word.text)
    .join(' ')
}
