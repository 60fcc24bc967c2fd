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

// Scripts that put no space between words, and Hangul, which writes particles on to them. Each of their signs is a word
// of its own, with the marks on it; several in a row are looked for as a phrase.
const SIGNS = `${['Han', 'Hiragana', 'Katakana', 'Hangul', 'Thai', 'Lao', 'Khmer', 'Myanmar']
  .map(script => `\\p{Script=${script}}`)
  .join('')}\u30fc`
const HAS_SIGNS = new RegExp(`[${SIGNS}]`, 'u')
const SIGN_OR_OTHERS = new RegExp(`[${SIGNS}][\\p{M}\uff9e\uff9f]*|[^${SIGNS}]+`, 'gu')

// Marks that only shade a letter. The vowel signs of Hindi, Thai and others are letters of the word, though they are
// called marks as well.
const ACCENTS: readonly (readonly [from: number, to: number])[] = [
  [0x300, 0x36f], // Latin, Greek
  [0x483, 0x489], // Cyrillic
  [0x591, 0x5c7], // Hebrew points
  [0x610, 0x61a], // Arabic points, and those below
  [0x64b, 0x65f],
  [0x670, 0x670],
  [0x6d6, 0x6ed],
  [0x1ab0, 0x1aff],
  [0x1dc0, 0x1dff],
  [0x20d0, 0x20ff],
  [0xfe20, 0xfe2f],
]
const MARK = /\p{M}|\u0640/gu

/** Arabic's tatweel only stretches a word. */
function withoutAccents(text: string): string {
  return text.replace(MARK, mark => {
    const code = mark.codePointAt(0) ?? 0
    return code === 0x640 || ACCENTS.some(([from, to]) => code >= from && code <= to) ? '' : mark
  })
}

const OTHER_LETTERS: Readonly<Record<string, string>> = {
  ß: 'ss',
  æ: 'ae',
  œ: 'oe',
  ø: 'o',
  đ: 'd',
  ł: 'l',
  ς: 'σ',
  ı: 'i',
}
const [KATAKANA_AFTER_HIRAGANA, KATAKANA] = [0x60, /[\u30a1-\u30f6]/g]

/** Case, accents and compatibility forms taken away: "Größe" and "GROSSE" are both "grosse". */
function foldAll(text: string): string {
  return withoutAccents(text.normalize('NFKD'))
    .toLowerCase()
    .replace(/[ßæœøđłςı]/g, letter => OTHER_LETTERS[letter] ?? letter)
    .normalize('NFC')
    .replace(KATAKANA, sign => String.fromCharCode(sign.charCodeAt(0) - KATAKANA_AFTER_HIRAGANA))
}

/** One sign of a script without spaces. `text` is a word as `wordsOf` gives it. */
export function isSign(text: string): boolean {
  return HAS_SIGNS.test(text)
}

export function wordsOf(text: string): Word[] {
  const words: Word[] = []
  for (const match of text.matchAll(WORD)) addWords(words, match[0], match.index)
  return words
}

/** Those of one run of letters: one, or where it has signs of a script without spaces, each of these. */
function addWords(words: Word[], run: string, from: number): void {
  if (PLAIN.test(run)) words.push({ text: run.toLowerCase().slice(0, WORD_LIMIT), from, to: from + run.length })
  else if (!HAS_SIGNS.test(run)) push(words, run, from)
  else for (const part of run.matchAll(SIGN_OR_OTHERS)) push(words, part[0], from + part.index)
}

/**
 * Those words of a text that begin with one of `beginnings` (folded, one letter or two): of a long text a few, for
 * which the others need not be made.
 */
export function* wordsBeginning(text: string, beginnings: ReadonlySet<string>): Generator<Word> {
  const firsts = new Set([...beginnings].map(beginning => beginning.charAt(0)))
  const begins = (word: string) => beginnings.has(word.slice(0, 2)) || beginnings.has(word.slice(0, 1))
  for (const match of text.matchAll(WORD)) {
    const [run] = match
    const isPlain = PLAIN.test(run)
    if (isPlain ? !begins(run.slice(0, 2).toLowerCase()) : !firsts.has(foldedFirst(run)) && !HAS_SIGNS.test(run))
      continue
    const words: Word[] = []
    addWords(words, run, match.index)
    for (const word of words) if (begins(word.text)) yield word
  }
}

const FIRST = new Map<string, string>()

/** The first letter of a run, folded: there are few, and folding is slow. */
function foldedFirst(run: string): string {
  const letter = run.charAt(0)
  const known = FIRST.get(letter)
  if (known !== undefined) return known
  const folded = foldAll(letter).charAt(0)
  FIRST.set(letter, folded)
  return folded
}

function push(words: Word[], part: string, from: number): void {
  const folded = foldAll(part)
    .replace(/[^\p{L}\p{N}\p{M}]+/gu, '')
    .slice(0, WORD_LIMIT)
  if (folded !== '') words.push({ text: folded, from, to: from + part.length })
}

/** The folded words of a text with one space between: the form in which names and pages are kept for searching. */
export function foldedText(text: string): string {
  return wordsOf(text)
    .map(word => word.text)
    .join(' ')
}
