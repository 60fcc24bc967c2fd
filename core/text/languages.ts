// The languages that texts are told apart in.

interface Known {
  /** ISO 639-3, as franc names it. */
  readonly iso3: string
  readonly name: string
}

/** By ISO 639-1. */
const KNOWN = {
  en: { iso3: 'eng', name: 'English' },
  de: { iso3: 'deu', name: 'German' },
  fr: { iso3: 'fra', name: 'French' },
  es: { iso3: 'spa', name: 'Spanish' },
  ar: { iso3: 'arb', name: 'Arabic' },
  bg: { iso3: 'bul', name: 'Bulgarian' },
  ca: { iso3: 'cat', name: 'Catalan' },
  zh: { iso3: 'cmn', name: 'Chinese' },
  hr: { iso3: 'hrv', name: 'Croatian' },
  cs: { iso3: 'ces', name: 'Czech' },
  da: { iso3: 'dan', name: 'Danish' },
  nl: { iso3: 'nld', name: 'Dutch' },
  et: { iso3: 'est', name: 'Estonian' },
  fi: { iso3: 'fin', name: 'Finnish' },
  el: { iso3: 'ell', name: 'Greek' },
  he: { iso3: 'heb', name: 'Hebrew' },
  hi: { iso3: 'hin', name: 'Hindi' },
  hu: { iso3: 'hun', name: 'Hungarian' },
  id: { iso3: 'ind', name: 'Indonesian' },
  it: { iso3: 'ita', name: 'Italian' },
  ja: { iso3: 'jpn', name: 'Japanese' },
  ko: { iso3: 'kor', name: 'Korean' },
  lt: { iso3: 'lit', name: 'Lithuanian' },
  nb: { iso3: 'nob', name: 'Norwegian' },
  pl: { iso3: 'pol', name: 'Polish' },
  pt: { iso3: 'por', name: 'Portuguese' },
  ro: { iso3: 'ron', name: 'Romanian' },
  ru: { iso3: 'rus', name: 'Russian' },
  sk: { iso3: 'slk', name: 'Slovak' },
  sv: { iso3: 'swe', name: 'Swedish' },
  th: { iso3: 'tha', name: 'Thai' },
  tr: { iso3: 'tur', name: 'Turkish' },
  uk: { iso3: 'ukr', name: 'Ukrainian' },
  vi: { iso3: 'vie', name: 'Vietnamese' },
} as const satisfies Readonly<Record<string, Known>>

export type Language = keyof typeof KNOWN
export const LANGUAGES = Object.keys(KNOWN) as readonly Language[]

export function iso3Of(language: Language): string {
  return KNOWN[language].iso3
}

export function languageName(language: Language): string {
  return KNOWN[language].name
}
