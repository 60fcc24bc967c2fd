import type { FolderId } from '../ids'
import { formsOf } from '../text/index'
import type {
  SearchableDocument,
  LeafRule,
  ReadingKind,
  Rule,
  TextField,
  TextOp,
  TimeField,
  MatchContext,
} from './rule'
import { filedOf, isGroup, recentFrom } from './rule'
import { typeGroupOf } from './types'

/** Answers whether a document is found by the rule. */
export function matches(rule: Rule, document: SearchableDocument, matchContext: MatchContext): boolean {
  if (!isGroup(rule)) return fits(rule, document, matchContext)
  if (rule.kind === 'all') return rule.rules.every(part => matches(part, document, matchContext))
  const some = rule.rules.some(part => matches(part, document, matchContext))
  return rule.kind === 'any' ? some : !some
}

function fits(rule: LeafRule, document: SearchableDocument, matchContext: MatchContext): boolean {
  switch (rule.kind) {
    case 'word':
      return holdsWord(document, rule.text, rule.prefix)
    case 'phrase':
      return [document.folded, ...document.pages].some(text => ` ${text} `.includes(` ${rule.words.join(' ')} `))
    case 'text':
      return compares(textOf(document, rule.field), rule.op, rule.value)
    case 'type':
      return rule.anyOf.includes(typeGroupOf(document.extension))
    case 'place':
      return isIn(rule, document, matchContext)
    case 'time':
      return isWithin(timeOf(document, rule.field), rule.from, rule.before)
    case 'recent':
      return isWithin(timeOf(document, rule.field), recentFrom(matchContext.now, rule.count, rule.unit), null)
    case 'size':
      return (rule.from === null || document.size >= rule.from) && (rule.before === null || document.size < rule.before)
    case 'tag':
      return document.tagIds.some(id => rule.anyOf.includes(id))
    case 'meaning':
      return rule.anyOf.includes(document.meaningId ?? homeMeaning(document, matchContext))
    case 'star':
      return document.starred === rule.on
    case 'origin':
      return rule.anyOf.includes(document.origin)
    case 'filed':
      return rule.anyOf.includes(filedOf(document.folderIds.length))
    case 'language':
      return document.language !== null && rule.anyOf.includes(document.language)
    case 'reading':
      return rule.anyOf.some(
        (kind: ReadingKind) => kind === document.reading || (kind === 'read' && document.reading === 'wordless'),
      )
    case 'twin':
      return document.twin
    case 'empty':
      return isEmpty(rule.field, document)
  }
}

function holdsWord(document: SearchableDocument, word: string, prefix: boolean): boolean {
  const texts = [document.folded, document.remark, document.sender, document.tagWords, ...document.pages]
  if (texts.some(text => (prefix ? ` ${text}`.includes(` ${word}`) : ` ${text} `.includes(` ${word} `)))) return true
  const wanted = new Set(formsOf(word, null))
  return (
    wanted.size > 0 &&
    texts.some(text => text.split(' ').some(other => formsOf(other, document.language).some(form => wanted.has(form))))
  )
}

function textOf(document: SearchableDocument, field: TextField): string {
  return field === 'name' ? document.folded : document[field]
}

function compares(text: string, op: TextOp, value: string): boolean {
  switch (op) {
    case 'contains':
      return text.includes(value)
    case 'is':
      return text === value
    case 'starts':
      return text.startsWith(value)
    case 'ends':
      return text.endsWith(value)
  }
}

function timeOf(document: SearchableDocument, field: TimeField): string | null {
  return document[`${field}At`]
}

function isWithin(time: string | null, from: string | null, before: string | null): boolean {
  return time !== null && (from === null || time >= from) && (before === null || time < before)
}

function isIn(
  rule: Extract<Rule, { kind: 'place' }>,
  document: SearchableDocument,
  matchContext: MatchContext,
): boolean {
  const { folderId } = rule
  if (folderId === null) return document.folderIds.length === 0
  const within = rule.below ? matchContext.below(folderId) : [folderId]
  return document.folderIds.some(id => within.includes(id))
}

function homeMeaning(document: SearchableDocument, matchContext: MatchContext) {
  const home: FolderId | undefined = document.folderIds[0]
  return home === undefined ? null : matchContext.meaningOf(home)
}

function isEmpty(field: Extract<Rule, { kind: 'empty' }>['field'], document: SearchableDocument): boolean {
  switch (field) {
    case 'tags':
      return document.tagIds.length === 0
    case 'language':
      return document.language === null
    case 'opened':
      return document.openedAt === null
    case 'dated':
      return document.datedAt === null
    default:
      return document[field] === ''
  }
}
