// Forms of a word: "leases" also finds "lease". Documents and queries are brought to the same stems (Porter and
// Snowball algorithms, https://snowballstem.org) by the language of the document; where it is not known, by all.

import { stemmer as german } from '@orama/stemmers/german'
import { stemmer as english } from '@orama/stemmers/english'
import { stemmer as french } from '@orama/stemmers/french'
import { stemmer as spanish } from '@orama/stemmers/spanish'
import type { Language } from './language'
import { LANGUAGES } from './language'

const STEMMERS: Record<Language, (word: string) => string> = { en: english, de: german, fr: french, es: spanish }
// Numbers have no forms; very long runs of letters are no words.
const HAS_FORMS = /^\p{L}{3,40}$/u
const KEPT = 20_000

const kept = new Map<string, readonly string[]>()

/** The stems of a folded word, one for each language, each marked so that it is never taken for a word: ".en.leas". */
export function formsOf(word: string, language: Language | null): readonly string[] {
  if (!HAS_FORMS.test(word)) return []
  let forms = kept.get(word)
  if (!forms) {
    if (kept.size > KEPT) kept.clear()
    forms = LANGUAGES.map(one => `.${one}.${STEMMERS[one](word)}`)
    kept.set(word, forms)
  }
  return language === null ? forms : forms.slice(LANGUAGES.indexOf(language), LANGUAGES.indexOf(language) + 1)
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

/** The beginnings that words of the same stems have, for looking a form up in a text. */
export function stemsOf(word: string): string[] {
  return [...new Set(formsOf(word, null).map(form => form.slice(4)))]
}

/** Whether two folded words are forms of the same word in any of the languages. */
export function areForms(one: string, other: string): boolean {
  if (one === other) return true
  // Forms of a word begin alike; this spares most of the work.
  if (one.slice(0, 2) !== other.slice(0, 2)) return false
  const [first, second] = [formsOf(one, null), formsOf(other, null)]
  return first.some((form, index) => form === second[index])
}
