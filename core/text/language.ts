// Which language a text is written in, by its smallest words.

const SMALL = {
  en: 'the and of to in is for that with this are was from will your have been not our which you by at be',
  de: 'der die das und ist zu den mit von für auf im ein eine nicht sie wir ich dem des bei auch wird haben oder',
  fr: 'le la les et des du est pour que une dans nous vous avec sur au par pas ce cette votre notre sont qui',
  es: 'el la los las y de que en un una por con para del se su al es no le nos más esta como',
} as const

export type Language = keyof typeof SMALL
export const LANGUAGES = Object.keys(SMALL) as readonly Language[]
const SETS = new Map(LANGUAGES.map(language => [language, new Set(SMALL[language].split(' '))]))
const SURE = 3

/** The language whose small words are most; null where there are too few to tell. */
export function languageOf(text: string): Language | null {
  const words =
    text
      .toLowerCase()
      .slice(0, 4000)
      .match(/\p{L}+/gu) ?? []
  const counts = LANGUAGES.map(language => ({
    language,
    count: words.filter(word => SETS.get(language)?.has(word)).length,
  })).sort((a, b) => b.count - a.count)
  const [best, next] = counts
  return best && best.count >= SURE && best.count > (next?.count ?? 0) ? best.language : null
}
