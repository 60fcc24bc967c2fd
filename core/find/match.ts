import type { FolderId } from '../ids'
import type { Findable, Rule } from './rule'
import { filedOf } from './rule'
import { typeGroupOf } from './types'

/** Answers whether a document is found by the rule. `below` gives a folder and everything under it. */
export function matches(rule: Rule, document: Findable, below: (id: FolderId) => ReadonlySet<FolderId>): boolean {
  switch (rule.kind) {
    case 'all': return rule.rules.every(part => matches(part, document, below))
    case 'any': return rule.rules.some(part => matches(part, document, below))
    case 'none': return !rule.rules.some(part => matches(part, document, below))
    case 'word': return texts(document).some(text => holdsWord(text, rule.text, rule.prefix))
    case 'phrase': return texts(document).some(text => ` ${text} `.includes(` ${rule.words.join(' ')} `))
    case 'type': return rule.anyOf.includes(typeGroupOf(document.extension))
    case 'place': return isIn(rule, document, below)
    case 'changed': return (rule.from === null || document.changedAt >= rule.from) && (rule.before === null || document.changedAt < rule.before)
    case 'tag': return document.tagIds.includes(rule.tagId)
    case 'star': return document.starred === rule.on
    case 'origin': return rule.anyOf.includes(document.origin)
    case 'filed': return rule.anyOf.includes(filedOf(document.folderIds.length))
  }
}

function isIn(rule: Extract<Rule, { kind: 'place' }>, document: Findable, below: (id: FolderId) => ReadonlySet<FolderId>): boolean {
  const { folderId } = rule
  if (folderId === null) return document.folderIds.length === 0
  if (!rule.below) return document.folderIds.includes(folderId)
  const within = below(folderId)
  return document.folderIds.some(id => within.has(id))
}

function texts(document: Findable): readonly string[] {
  return [document.folded, ...document.pages]
}

function holdsWord(text: string, word: string, prefix: boolean): boolean {
  return prefix ? ` ${text}`.includes(` ${word}`) : ` ${text} `.includes(` ${word} `)
}
