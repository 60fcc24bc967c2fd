// Which language a text is written in: by the letters that stand beside each other (trigrams, after Cavnar and
// Trenkle, "N-Gram-Based Text Categorization", 1994), as the package franc knows them.

import { francAll } from 'franc'
import type { Language } from './languages'
import { iso3Of, LANGUAGES } from './languages'

const BY_ISO3 = new Map<string, Language>(LANGUAGES.map(language => [iso3Of(language), language]))
const SAMPLE_LETTERS = 4000
// Shorter texts tell too little, and long ones need to differ less.
const [LEAST_LETTERS, MANY_LETTERS] = [40, 400]
const [SURE, SURE_OF_MANY] = [0.05, 0.01]

/** The language that fits best; null where the text is too short or a second one fits nearly as well. */
export function languageOf(text: string): Language | null {
  const sample = text
    .replace(/[^\p{L}\p{M}\s]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, SAMPLE_LETTERS)
  const [best, next] = francAll(sample, { only: [...BY_ISO3.keys()] })
  const language = best && BY_ISO3.get(best[0])
  if (!language) return null
  if (!next) return language // its script is enough
  if (sample.length < LEAST_LETTERS) return null
  return (best[1] - next[1] >= (sample.length < MANY_LETTERS ? SURE : SURE_OF_MANY) && language) || null
}
