export type { SearchQuery } from './searchQuery'
export {
  asksOnlyWithout,
  beginsDown,
  hasFacets,
  EMPTY_QUERY,
  parseSearchQuery,
  ruleOf,
  printSearchQuery,
} from './searchQuery'
export type { Compiled } from './compile'
export { compile } from './compile'

export { findFolders } from './folders'
export { columnsFor, matches } from './match'
export { chosenPlaces } from './chosenPlaces'
export type { FacetKey, FacetSelection } from './facetSelection'
export { FACET_KEYS, facetRules, NO_FACETS, rulesOfFacet, withoutFacet } from './facetSelection'
export type { Chosen, Panel } from './fields/facet'
export type { Editor } from './fields/field'
export { FACETS, fieldOf, FIELDS } from './fields/registry'
export { FILED } from './fields/filed'
export { LANGUAGE_NAMES } from './fields/language'
export { ORIGIN_NAMES } from './fields/origin'

export { READING_KINDS } from './fields/reading'
export { SIZE_UNITS } from './fields/size'
export type { Span, TimeKey } from './fields/span'
export { TIME_FIELDS, TIMES } from './fields/span'

export { TEXT_OP_NAMES, TEXT_OPS } from './fields/textField'
export type { TimeUnit } from './fields/timeField'
export { isoText, TIME_UNITS } from './fields/timeField'
export type { Names } from './notation'
export type { Relaxation } from './relaxQuery'
export { relaxed, LOOSENINGS } from './relaxQuery'
export { calledInWords, hasClauses, parseTyped, printRule } from './notation'
export type { FoundGroup, FoundSort, Orderable, Ordered } from './order'
export { FOUND_GROUPS, FOUND_SORTS, orderFound } from './order'
export { addPart, completeParts, partsOf, unwrapPart, withoutPart, withPart, wrapPart } from './parts'
export { parseQuery, QUERY_LIMIT, termsIn } from './parse'
export { countGroups } from './groups'
export type { GroupCounts, Tallies } from './groups'
export type { Candidate, QueryTerm, Spot } from './rank'
export { hasAllInName, mostWithoutName, scoreOf, SPOTS, spotsOf } from './rank'

export { tryReadRule } from './readRule'
export type { SearchableDocument, LeafRule, Rule, MatchContext } from './rule'
export { exactly, findsForms, quotedWords } from './exactly'
export { isGroup, leavesIn } from './rule'
export { provesMore, shareFor, shareProving } from './shares'

export { READY_VIEWS } from './readyViews'
export { STARTERS } from './starters'
export type { TypeGroup } from './types'
export { TYPE_GROUP_NAMES, TYPE_GROUPS, typeGroupOf } from './types'
export { timeInWords } from './timeWords'
export { shownWords } from './shownWords'
