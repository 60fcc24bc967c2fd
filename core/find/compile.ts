// A rule as the condition of a WHERE. Values only ever travel as parameters; the text is made of
// fixed pieces. The statement around it names the tables `s` (search_row) and `d` (document).

import type { FolderId } from '../ids'
import type { Rule } from './rule'
import { KNOWN_EXTENSIONS, TYPE_GROUPS } from './types'

export interface Compiled {
  readonly text: string
  readonly params: readonly unknown[]
}

/** `below` gives a folder and everything under it; parameters are numbered from `firstParam`. */
export function compile(rule: Rule, below: (id: FolderId) => readonly FolderId[], firstParam: number): Compiled {
  const params: unknown[] = []
  const bind = (value: unknown): string => `$${firstParam + params.push(value) - 1}`
  const text = conditionOf(rule, bind, below)
  return { text, params }
}

type Bind = (value: unknown) => string

function conditionOf(rule: Rule, bind: Bind, below: (id: FolderId) => readonly FolderId[]): string {
  switch (rule.kind) {
    case 'all': return allOf(rule.rules, bind, below)
    case 'any': return rule.rules.length === 0 ? 'false' : `(${rule.rules.map(part => conditionOf(part, bind, below)).join(' OR ')})`
    case 'none': return rule.rules.length === 0 ? 'true' : `NOT (${rule.rules.map(part => conditionOf(part, bind, below)).join(' OR ')})`
    case 'word': return `s.words @@ ${bind(lexeme(rule.text, rule.prefix))}::tsquery`
    case 'phrase': return phraseCondition(rule.words, bind)
    case 'type': return typeCondition(rule, bind)
    case 'place': return placeCondition(rule, bind, below)
    case 'changed': return changedCondition(rule, bind)
    case 'tag': return `EXISTS (SELECT FROM tagging g WHERE g.target_id = s.document_id AND g.tag_id = ${bind(rule.tagId)}::uuid)`
    case 'star': return `${rule.on ? '' : 'NOT '}EXISTS (SELECT FROM star WHERE star.id = s.document_id)`
    case 'origin': return `d.origin = ANY(${bind(rule.anyOf)}::text[])`
    case 'filed': return `(SELECT CASE count(*) WHEN 0 THEN 'none' WHEN 1 THEN 'one' ELSE 'several' END FROM placement p WHERE p.document_id = s.document_id AND p.folder_id IS NOT NULL) = ANY(${bind(rule.anyOf)}::text[])`
  }
}

/** Words that must all be there go into one tsquery, which one index scan answers. */
function allOf(rules: readonly Rule[], bind: Bind, below: (id: FolderId) => readonly FolderId[]): string {
  const words = rules.filter(part => part.kind === 'word')
  const others = rules.filter(part => part.kind !== 'word')
  const parts = others.map(part => conditionOf(part, bind, below))
  if (words.length > 0) {
    parts.unshift(`s.words @@ ${bind(words.map(word => lexeme(word.text, word.prefix)).join(' & '))}::tsquery`)
  }
  return parts.length === 0 ? 'true' : `(${parts.join(' AND ')})`
}

/** Folded words hold letters and digits only; quoting keeps the tsquery sound whatever they are. */
function lexeme(word: string, prefix: boolean): string {
  return `'${word.replace(/['\\]/g, '')}'${prefix ? ':*' : ''}`
}

function phraseCondition(words: readonly string[], bind: Bind): string {
  const all = bind(words.map(word => lexeme(word, false)).join(' & '))
  const phrase = bind(`% ${words.join(' ')} %`)
  return `(s.words @@ ${all}::tsquery AND (' ' || d.folded || ' ' LIKE ${phrase} OR EXISTS (SELECT FROM page_text t WHERE t.blob_id = d.blob_id AND t.folded LIKE ${phrase})))`
}

function typeCondition(rule: Extract<Rule, { kind: 'type' }>, bind: Bind): string {
  const named = rule.anyOf.flatMap((group): readonly string[] => TYPE_GROUPS[group].extensions)
  const inNamed = `d.extension = ANY(${bind(named)}::text[])`
  return rule.anyOf.includes('other') ? `(${inNamed} OR d.extension <> ALL(${bind(KNOWN_EXTENSIONS)}::text[]))` : inNamed
}

function placeCondition(rule: Extract<Rule, { kind: 'place' }>, bind: Bind, below: (id: FolderId) => readonly FolderId[]): string {
  if (rule.folderId === null) return 'EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND p.folder_id IS NULL)'
  const ids = rule.below ? below(rule.folderId) : [rule.folderId]
  return `EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND p.folder_id = ANY(${bind(ids)}::uuid[]))`
}

function changedCondition(rule: Extract<Rule, { kind: 'changed' }>, bind: Bind): string {
  const parts = []
  if (rule.from !== null) parts.push(`s.changed_at >= ${bind(rule.from)}::timestamptz`)
  if (rule.before !== null) parts.push(`s.changed_at < ${bind(rule.before)}::timestamptz`)
  return parts.length === 0 ? 'true' : `(${parts.join(' AND ')})`
}
