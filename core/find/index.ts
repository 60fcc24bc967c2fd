export type { SearchQuery, ParsedQuery } from './searchQuery'
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
export { compile, READING } from './compile'
export type { SearchableFolder } from './folders'
export { findFolders, isNear } from './folders'
export { matches } from './match'
export type { Chosen, FacetSelection, FacetGroup, Span } from './facetSelection'
export { NARROWING_GROUPS, facetRules, NO_FACETS, readChosen, writeChosen } from './facetSelection'
export type { Names, Typed } from './notation'
export type { RelaxedQuery, Relaxation } from './relaxQuery'
export { relaxed, LOOSENED_MOST, LOOSENINGS } from './relaxQuery'
export { clauseText, hasClauses, LANGUAGE_NAMES, parseTyped, printRule } from './notation'
export type { FoundGroup, FoundSort, Orderable, Ordered, PlanOrder } from './order'
export { FOUND_GROUPS, FOUND_SORTS, orderFound } from './order'
export { addPart, partsOf, unwrapPart, withoutPart, withPart, wrapPart } from './parts'
export { parseQuery, QUERY_LIMIT, termsIn } from './parse'
export { countGroups } from './groups'
export type { GroupCounts, Tallies } from './groups'
export type { Candidate, QueryTerm, Spot } from './rank'
export { mostWithoutName, scoreOf, SPOTS, spotsOf, WEIGHTS } from './rank'
export type { ReadRule } from './readRule'
export { DEPTH_LIMIT, leavesOf, RULES_LIMIT, tryReadRule } from './readRule'
export type {
  EmptyField,
  Filed,
  SearchableDocument,
  LeafRule,
  ReadingKind,
  Rule,
  TextField,
  TextOp,
  TimeField,
  TimeUnit,
  MatchContext,
} from './rule'
export {
  EMPTY_FIELDS,
  FILED,
  filedOf,
  isGroup,
  READING_KINDS,
  recentFrom,
  TEXT_FIELDS,
  TEXT_OPS,
  TIME_FIELDS,
  TIME_UNITS,
} from './rule'
export { estimated, provesMore, shareFor, shareProving, SHARES } from './shares'
export type { SizeClass } from './sizes'
export { SIZE_CLASS_NAMES, SIZE_CLASSES, sizeClassOf } from './sizes'
export type { Starter } from './starters'
export { STARTERS } from './starters'
export type { TypeGroup } from './types'
export { isTypeGroup, TYPE_GROUP_NAMES, TYPE_GROUPS, typeGroupOf } from './types'
