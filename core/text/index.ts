export { areForms, entriesOf, formsOf, lexemesOf, pairsOf, stemsOf } from './forms'

export { foldedText, isSign, wordsOf } from './words'
export { editDistance, forgivenErrors } from './distance'
export type { Passage, Term } from './passage'
export { marksIn, passageOf } from './passage'

export { suggest } from './suggest'
export type { TickCount } from './checklist'
export { countTicks, ticksIn, withTick } from './checklist'

export type { IndexedText, PageText, ReadFacts } from './indexedText'
export type { PartKind, PartName } from './partNames'
export { PART_KINDS, partCounts, partLabel } from './partNames'
export { indexedText } from './indexedText'
export { bucketOf, isBeginningLocated } from './located'
export type { Language } from './languages'
export { languageName, LANGUAGES } from './languages'
export { languageOf } from './language'
