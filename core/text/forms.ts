// Forms of a word: "leases" also finds "lease". Documents and queries are brought to the same stems (Porter and
// Snowball algorithms, https://snowballstem.org) by the language of the document; where it is not known, by all.

import { stemmer as arabic } from '@orama/stemmers/arabic'
import { stemmer as english } from '@orama/stemmers/english'
import { stemmer as french } from '@orama/stemmers/french'
import { stemmer as german } from '@orama/stemmers/german'
import { stemmer as greek } from '@orama/stemmers/greek'
import { stemmer as russian } from '@orama/stemmers/russian'
import { stemmer as spanish } from '@orama/stemmers/spanish'
import { stemmer as ukrainian } from '@orama/stemmers/ukrainian'
import type { Language } from './languages'

type Stemmers = Readonly<Partial<Record<Language, (word: string) => string>>>

// Folding takes the bow off й, by which endings are told: after a vowel at the end it was one.
const CUT_BOW = /(?<=[аеиоуыэюяє])и$/u
const withBow = (stem: (word: string) => string) => (word: string) =>
  stem(word.replace(CUT_BOW, 'й')).replaceAll('й', 'и')

// By the script of the word, since a language says nothing of words in another script. Of those in Latin letters these
// four: each language more makes every word find more that only looks like one of its forms. (The stemmer for Bulgarian
// throws at some words.)
const LATIN = /^\p{Script=Latin}/u
const ARABIC = /^\p{Script=Arabic}/u
const SCRIPTS: readonly (readonly [RegExp, Stemmers])[] = [
  [LATIN, { en: english, de: german, fr: french, es: spanish }],
  [/^\p{Script=Cyrillic}/u, { ru: withBow(russian), uk: withBow(ukrainian) }],
  [/^\p{Script=Greek}/u, { el: greek }],
  [ARABIC, { ar: arabic }],
]
// Numbers have no forms; very long runs of letters are no words.
const HAS_FORMS = /^\p{L}{3,40}$/u
const KEPT = 20_000

// Pairs of words are kept as one of so many marks: enough that two words beside each other seldom share one by chance.
const PAIR_BITS = 18
const PAIR_LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_'

interface Forms {
  readonly of: Readonly<Partial<Record<Language, readonly string[]>>>
  readonly all: readonly string[]
}
const NONE: Forms = { of: {}, all: [] }
const kept = new Map<string, Forms>()

/**
 * The stems of a folded word, in its language or, where that is not known or has no stems here, in all of its script,
 * without repeats; each marked so that it is never taken for a word: ".leas". Languages share their stems, so that a
 * word is mostly looked up once and not four times.
 */
export function formsOf(word: string, language: Language | null): readonly string[] {
  let forms = kept.get(word)
  if (!forms) {
    if (kept.size > KEPT) kept.clear()
    forms = HAS_FORMS.test(word) ? stemmed(word) : NONE
    kept.set(word, forms)
  }
  return (language === null ? undefined : forms.of[language]) ?? forms.all
}

function stemmed(word: string): Forms {
  const stemmers = SCRIPTS.find(([script]) => script.test(word))?.[1] ?? {}
  const each = Object.entries(stemmers).map(([language, stem]) => [language, [`.${stem(word)}`]] as const)
  return { of: Object.fromEntries(each), all: [...new Set(each.flatMap(([, forms]) => forms))] }
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
 * The index entries by which a word is found in all its forms, each of them alone: its stems, which every text with the
 * word holds, or the word where it has none. In other scripts than Latin the word as well: texts that were read before
 * those had stems hold only that.
 */
export function entriesOf(word: string): readonly string[] {
  const forms = formsOf(word, null)
  if (forms.length === 0) return [word]
  return LATIN.test(word) ? forms : [word, ...forms]
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
  return `=${[folded >> 12, (folded >> 6) & 63, folded & 63].map(six => PAIR_LETTERS.charAt(six)).join('')}`
}

/**
 * The beginnings that words of the same stems have, for looking a form up in a text; in Arabic with the article too.
 */
export function stemsOf(word: string): string[] {
  const stems = formsOf(word, null).map(form => form.slice(1))
  return ARABIC.test(word) ? [...stems, ...stems.map(stem => `ال${stem}`)] : stems
}

/** The two letters with which forms of a word may begin. */
export function beginningsOf(word: string): string[] {
  return [word, ...(ARABIC.test(word) ? stemsOf(word) : [])].map(form => form.slice(0, 2))
}

/** Whether two folded words are forms of the same word in any of the languages. */
export function areForms(one: string, other: string): boolean {
  if (one === other) return true
  // Forms of a word begin alike, but for the article of Arabic; this spares most of the work.
  if (!ARABIC.test(one) && (one.charCodeAt(0) !== other.charCodeAt(0) || one.charCodeAt(1) !== other.charCodeAt(1)))
    return false
  const [first, second] = [formsOf(one, null), formsOf(other, null)]
  return first.some(form => second.includes(form))
}
