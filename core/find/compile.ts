// A rule as the condition of a WHERE. Values only ever travel as parameters; the text is made of fixed
// pieces. The statement around it names the tables `s` (search_row) and `d` (document).

import { entriesOf, formsOf, pairsOf } from '../text/index'
import type { EmptyField, LeafRule, ReadingKind, Rule, TextField, TimeField, MatchContext } from './rule'
import { isGroup, recentFrom } from './rule'
import { KNOWN_EXTENSIONS, TYPE_GROUPS } from './types'

export interface Compiled {
  readonly text: string
  readonly params: readonly unknown[]
  /**
   * Where phrases must be there: what the index finds, with the first `needs` parameters, and what only a look into
   * each text tells. Both together are the condition.
   */
  readonly parts?: { readonly found: string; readonly needs: number; readonly check: string }
}

/** Parameters are numbered from `firstParam`. */
export function compile(rule: Rule, matchContext: MatchContext, firstParam: number): Compiled {
  const params: unknown[] = []
  const bind = (value: unknown): string => `$${firstParam + params.push(value) - 1}`
  const phrases = rule.kind === 'all' ? rule.rules.filter(part => part.kind === 'phrase') : []
  if (rule.kind !== 'all' || phrases.length === 0) return { text: conditionOf(rule, bind, matchContext), params }
  const others = allOf(
    rule.rules.filter(part => part.kind !== 'phrase'),
    bind,
    matchContext,
  )
  const found = both([others, ...phrases.map(({ words }) => marksCondition(words, bind))])
  const needs = params.length
  const check = both(phrases.map(({ words }) => textCheck(words, bind)))
  return { text: both([found, check]), params, parts: { found, needs, check } }
}

type Bind = (value: unknown) => string

function conditionOf(rule: Rule, bind: Bind, matchContext: MatchContext): string {
  if (!isGroup(rule)) return leaf(rule, bind, matchContext)
  if (rule.kind === 'all') return allOf(rule.rules, bind, matchContext)
  if (rule.rules.length === 0) return rule.kind === 'any' ? 'false' : 'true'
  const some = `(${rule.rules.map(part => conditionOf(part, bind, matchContext)).join(' OR ')})`
  return rule.kind === 'any' ? some : `NOT ${some}`
}

function leaf(rule: LeafRule, bind: Bind, matchContext: MatchContext): string {
  switch (rule.kind) {
    case 'word':
      return `s.words @@ ${bind(wordQuery(rule))}::tsquery`
    case 'phrase':
      return phraseCondition(rule.words, bind)
    case 'text':
      return textCondition(rule, bind)
    case 'type':
      return typeCondition(rule, bind)
    case 'place':
      return placeCondition(rule, bind, matchContext)
    case 'time':
      return timeCondition(rule.field, rule.from, rule.before, bind)
    case 'recent':
      return timeCondition(rule.field, recentFrom(matchContext.now, rule.count, rule.unit), null, bind)
    case 'size':
      return both([
        rule.from === null ? '' : `s.size >= ${bind(rule.from)}::bigint`,
        rule.before === null ? '' : `s.size < ${bind(rule.before)}::bigint`,
      ])
    case 'tag':
      return `EXISTS (SELECT FROM tagging g WHERE g.target_id = s.document_id AND (g.plan_id = s.plan_id) IS TRUE
        AND g.tag_id = ANY(${bind(rule.anyOf)}::uuid[]))`
    case 'meaning':
      return meaningCondition(rule, bind, matchContext)
    case 'star':
      return `${rule.on ? '' : 'NOT '}EXISTS (SELECT FROM star WHERE star.plan_id = s.plan_id
        AND star.id = s.document_id)`
    case 'origin':
      return `s.origin = ANY(${bind(rule.anyOf)}::text[])`
    case 'filed':
      return `${PLACES} = ANY(${bind(rule.anyOf)}::text[])`
    case 'language':
      return `(s.language IS NOT NULL AND s.language = ANY(${bind(rule.anyOf)}::text[]))`
    case 'reading':
      return `${READING} = ANY(${bind(rule.anyOf.flatMap((kind: ReadingKind): readonly ReadingKind[] => (kind === 'read' ? ['read', 'wordless'] : [kind])))}::text[])`
    case 'twin':
      return (
        'EXISTS (SELECT FROM document o WHERE o.blob_id = d.blob_id AND o.plan_id = d.plan_id AND o.id <> ' +
        'd.id AND o.trashed_at IS NULL)'
      )
    case 'empty':
      return EMPTY[rule.field]
  }
}

const PLACES =
  "(SELECT CASE count(*) WHEN 0 THEN 'none' WHEN 1 THEN 'one' ELSE 'several' END FROM placement p WHERE " +
  'p.document_id = s.document_id AND (p.plan_id = s.plan_id) IS TRUE AND p.folder_id IS NOT NULL)'
/** The reading kind of the document `d`. */
export const READING =
  "(SELECT coalesce(max(CASE r.state WHEN 'read' THEN CASE WHEN r.words <> '' THEN 'read' WHEN EXISTS (SELECT " +
  "FROM scan_page q WHERE q.blob_id = r.blob_id) THEN 'waiting' ELSE 'wordless' END WHEN 'failed' THEN 'failed' " +
  "ELSE 'waiting' END), 'none') FROM reading r WHERE r.blob_id = d.blob_id)"

const EMPTY: Record<EmptyField, string> = {
  remark: "d.remark_folded = ''",
  sender: "d.sender_folded = ''",
  number: 'd.running_number IS NULL',
  tags: 'NOT EXISTS (SELECT FROM tagging g WHERE g.target_id = s.document_id AND (g.plan_id = s.plan_id) IS TRUE)',
  language: 's.language IS NULL',
  opened: 'NOT EXISTS (SELECT FROM visit v WHERE v.document_id = s.document_id AND (v.plan_id = s.plan_id) IS TRUE)',
  dated: 's.dated_at IS NULL',
}

function both(parts: readonly string[]): string {
  const given = parts.filter(part => part !== '')
  return given.length === 0 ? 'true' : `(${given.join(' AND ')})`
}

/** Words that must all be there go into one tsquery, which one index scan answers. */
function allOf(rules: readonly Rule[], bind: Bind, matchContext: MatchContext): string {
  const words = rules.filter(part => part.kind === 'word')
  const others = rules.filter(part => part.kind !== 'word')
  const parts = others.map(part => conditionOf(part, bind, matchContext))
  if (words.length > 0) parts.unshift(`s.words @@ ${bind(words.map(wordQuery).join(' & '))}::tsquery`)
  return both(parts)
}

function wordQuery({ text, prefix }: Extract<Rule, { kind: 'word' }>): string {
  const entries = prefix
    ? [lexeme(text, true), ...formsOf(text, null).map(form => lexeme(form, false))]
    : entriesOf(text).map(entry => lexeme(entry, false))
  return entries.length === 1 ? entries.join('') : `(${entries.join(' | ')})`
}

/** Folded words hold letters and digits only; quoting keeps the tsquery sound whatever they are. */
function lexeme(word: string, prefix: boolean): string {
  return `'${word.replace(/['\\]/g, '')}'${prefix ? ':*' : ''}`
}

// Rows that were written before pairs were known carry this entry until their documents are read again.
const WITHOUT_PAIRS = '=old'

function phraseCondition(words: readonly string[], bind: Bind): string {
  return both([marksCondition(words, bind), textCheck(words, bind)])
}

/** Documents with the marks of all pairs of the words, which a few others have by chance. */
function marksCondition(words: readonly string[], bind: Bind): string {
  const each = words.map(word => lexeme(word, false)).join(' & ')
  // Two questions and not one: in one, the index would go through the words for each document that has the pairs.
  const has = (query: string) => `s.words @@ ${bind(query)}::tsquery`
  return words.length > 1
    ? `(${has([...new Set(pairsOf(words))].map(pair => lexeme(pair, false)).join(' & '))} OR ${has(`${lexeme(WITHOUT_PAIRS, false)} & ${each}`)})`
    : has(each)
}

/** Whether the words stand next to each other in the name or the text of the document. */
function textCheck(words: readonly string[], bind: Bind): string {
  const phrase = bind(`% ${words.join(' ')} %`)
  return `(' ' || d.folded || ' ' LIKE ${phrase} OR EXISTS (SELECT FROM page_text t WHERE t.blob_id = d.blob_id
    AND t.folded LIKE ${phrase}))`
}

const TEXT_COLUMN: Record<TextField, string> = {
  name: 'd.folded',
  remark: 'd.remark_folded',
  sender: 'd.sender_folded',
  number: 'd.number_folded',
}

/** Folded text holds letters, digits and spaces, none of which means anything to LIKE. */
function textCondition({ field, op, value }: Extract<Rule, { kind: 'text' }>, bind: Bind): string {
  const column = TEXT_COLUMN[field]
  const plain = value.replace(/[\\%_]/g, '')
  switch (op) {
    case 'is':
      return `${column} = ${bind(value)}::text`
    case 'contains':
      return `${column} LIKE ${bind(`%${plain}%`)}::text`
    case 'starts':
      return `${column} LIKE ${bind(`${plain}%`)}::text`
    case 'ends':
      return `${column} LIKE ${bind(`%${plain}`)}::text`
  }
}

function typeCondition(rule: Extract<Rule, { kind: 'type' }>, bind: Bind): string {
  const named = rule.anyOf.flatMap((group): readonly string[] => TYPE_GROUPS[group].extensions)
  const inNamed = `s.extension = ANY(${bind(named)}::text[])`
  return rule.anyOf.includes('other')
    ? `(${inNamed} OR s.extension <> ALL(${bind(KNOWN_EXTENSIONS)}::text[]))`
    : inNamed
}

function placeCondition(rule: Extract<Rule, { kind: 'place' }>, bind: Bind, matchContext: MatchContext): string {
  if (rule.folderId === null)
    return (
      'EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND (p.plan_id = s.plan_id) IS ' +
      'TRUE AND p.folder_id IS NULL)'
    )
  const ids = rule.below ? matchContext.below(rule.folderId) : [rule.folderId]
  return `EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND (p.plan_id = s.plan_id) IS TRUE
    AND p.folder_id = ANY(${bind(ids)}::uuid[]))`
}

const TIME_COLUMN: Record<Exclude<TimeField, 'opened'>, string> = {
  changed: 's.changed_at',
  added: 's.added_at',
  dated: 's.dated_at',
}

function timeCondition(field: TimeField, from: string | null, before: string | null, bind: Bind): string {
  const column = field === 'opened' ? 'v.at' : TIME_COLUMN[field]
  const parts = [
    from === null ? '' : `${column} >= ${bind(from)}::timestamptz`,
    before === null ? '' : `${column} < ${bind(before)}::timestamptz`,
  ]
  if (field === 'opened')
    return `EXISTS (SELECT FROM visit v WHERE v.document_id = s.document_id AND (v.plan_id = s.plan_id) IS TRUE
      AND ${both(parts)})`
  // A comparison with nothing is neither true nor false, and its opposite neither: what may be missing is asked for
  // first.
  return both([field === 'dated' || parts.every(part => part === '') ? `${column} IS NOT NULL` : '', ...parts])
}

/** Its own colour, else that of its home. */
function meaningCondition(
  { anyOf }: Extract<Rule, { kind: 'meaning' }>,
  bind: Bind,
  matchContext: MatchContext,
): string {
  const own = bind(anyOf.filter(id => id !== null))
  const folders = bind(matchContext.coloured(anyOf))
  const homeless = anyOf.includes(null)
    ? ' OR NOT EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND (p.plan_id = s.plan_id) ' +
      'IS TRUE AND p.folder_id IS NOT NULL)'
    : ''
  return `((s.meaning_id IS NOT NULL AND s.meaning_id = ANY(${own}::uuid[])) OR (s.meaning_id IS NULL
    AND (EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND (p.plan_id = s.plan_id) IS TRUE
      AND p.home AND p.folder_id = ANY(${folders}::uuid[]))${homeless})))`
}
