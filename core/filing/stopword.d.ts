// The package comes without types: each export is the list of one language, by its ISO 639-3 code.
declare module 'stopword' {
  type Words = readonly string[]
  export const dan: Words, deu: Words, eng: Words, fin: Words, fra: Words, ita: Words
  export const nld: Words, nob: Words, pol: Words, por: Words, spa: Words, swe: Words
}
