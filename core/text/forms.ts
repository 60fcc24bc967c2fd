// Forms of a word: "leases" also finds "lease". Documents and queries are brought to the same stems (Porter and
// Snowball algorithms, https://snowballstem.org) by the language of the document; where it is not known, by all.

import { stemmer as german } from '@orama/stemmers/german'
import { stemmer as english } from '@orama/stemmers/english'
import { stemmer as french } from '@orama/stemmers/french'
import { stemmer as spanish } from '@orama/stemmers/spanish'
import type { Language } from './languages'

const STEMMERS = { en: english, de: german, fr: french, es: spanish } as const
const STEMMED = Object.keys(STEMMERS) as (keyof typeof STEMMERS)[]
// Numbers have no forms; very long runs of letters are no words.
const HAS_FORMS = /^\p{L}{3,40}$/u
const KEPT = 20_000

// Pairs of words are kept as one of so many marks: enough that two words beside each other seldom share one by chance.
const PAIR_BITS = 18
const PAIR_LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_'

const kept = new Map<string, { readonly each: readonly string[]; readonly all: readonly string[] }>()

/**
 * The stems of a folded word, in its language or, where that is not known or has no stems here, in all, without
 * repeats; each marked so that it is never taken for a word: ".leas". Languages share their stems, so that a word is
 * mostly looked up once and not four times.
 */
export function formsOf(word: string, language: Language | null): readonly string[] {
  let forms = kept.get(word)
  if (!forms) {
    if (kept.size > KEPT) kept.clear()
    const each = HAS_FORMS.test(word) ? STEMMED.map(one => `.${STEMMERS[one](word)}`) : []
    forms = { each, all: [...new Set(each)] }
    kept.set(word, forms)
  }
  const at = (STEMMED as readonly (Language | null)[]).indexOf(language)
  return at < 0 ? forms.all : forms.each.slice(at, at + 1)
}

/** Words and their stems, as the index of words holds them. */
export function lexemesOf(words: Iterable<string>, language: Language | null): Set<string> {
  const lexemes = new Set<string>()
  for (const word of words) {
    if (word === '' || lexemes.has(word)) continue
    lexemes.add(word)
    for (const form of formsOf(word, language)) lexemes.add(form)
  }
  return lexemes
}

/**
 * The index entries by which a word is found in all its forms: its stems, which every text with the word holds, or the
 * word where it has none.
 */
export function entriesOf(word: string): readonly string[] {
  const forms = formsOf(word, null)
  return forms.length > 0 ? forms : [word]
}

/**
 * The marks of folded words that follow each other, one for each two neighbours: "=aB3". A phrase is looked up by its
 * marks and then in the text, since two pairs may share one (hash: FNV-1a, http://www.isthe.com/chongo/tech/comp/fnv/).
 */
export function pairsOf(words: readonly string[]): string[] {
  return words.slice(1).map((word, index) => pairMark(`${words[index] ?? ''} ${word}`))
}

function pairMark(pair: string): string {
  let hash = 0x811c9dc5
  for (let at = 0; at < pair.length; at++) hash = Math.imul(hash ^ pair.charCodeAt(at), 0x01000193)
  const folded = ((hash >>> PAIR_BITS) ^ hash) & ((1 << PAIR_BITS) - 1)
  return `=${PAIR_LETTERS.charAt(folded >> 12)}${PAIR_LETTERS.charAt((folded >> 6) & 63)}${PAIR_LETTERS.charAt(folded & 63)}`
}

/** The beginnings that words of the same stems have, for looking a form up in a text. */
export function stemsOf(word: string): string[] {
  return formsOf(word, null).map(form => form.slice(1))
}

/** Whether two folded words are forms of the same word in any of the languages. */
export function areForms(one: string, other: string): boolean {
  if (one === other) return true
  // Forms of a word begin alike; this spares most of the work.
  if (one.charCodeAt(0) !== other.charCodeAt(0) || one.charCodeAt(1) !== other.charCodeAt(1)) return false
  const [first, second] = [formsOf(one, null), formsOf(other, null)]
  return first.some(form => second.includes(form))
}
