// A rule as the condition of a WHERE. Values only ever travel as parameters; the text is made of fixed
// pieces. The statement around it names the tables `s` (search_row) and `d` (document).

import { both } from './fields/field'
import type { Sql, Steps } from './fields/field'
import { fieldOf } from './fields/registry'
import { wordQuery } from './fields/words'
import type { MatchContext, Rule } from './rule'
import { isGroup } from './rule'

/** What a condition reads. */
interface Reads {
  /** The document `d` beside its row `s`. */
  readonly document: boolean
  /** The index of words. */
  readonly words: boolean
  /** The texts of pages. */
  readonly texts: boolean
}

export interface Compiled {
  readonly text: string
  readonly params: readonly unknown[]
  readonly reads: Reads
  /**
   * Where texts have to be looked into: what the index finds, with the first `needs` parameters, and what only a look
   * into each text tells. Both together are the condition.
   */
  readonly parts?: { readonly found: string; readonly needs: number; readonly check: string; readonly reads: Reads }
}

class Statement implements Sql {
  readonly params: unknown[] = []
  private readonly seen = { document: false, words: false, texts: false }

  constructor(private readonly firstParam: number) {}

  readonly bind = (value: unknown): string => `$${this.firstParam + this.params.push(value) - 1}`

  get d(): string {
    this.seen.document = true
    return 'd'
  }

  get pageText(): string {
    this.seen.texts = true
    return 'page_text'
  }

  readonly hasWords = (query: string): string => {
    this.seen.words = true
    return `s.words @@ ${this.bind(query)}::tsquery`
  }

  get reads(): Reads {
    return { ...this.seen }
  }
}

/** Parameters are numbered from `firstParam`. */
export function compile(rule: Rule, context: MatchContext, firstParam: number): Compiled {
  const sql = new Statement(firstParam)
  const stepped = rule.kind === 'all' ? rule.rules.filter(hasSteps) : []
  if (rule.kind !== 'all' || stepped.length === 0)
    return { text: conditionOf(rule, sql, context), params: sql.params, reads: sql.reads }
  const others = allOf(
    rule.rules.filter(part => !stepped.includes(part)),
    sql,
    context,
  )
  const made = stepped.flatMap(part => stepsOf(part, sql) ?? [])
  const found = both([others, ...made.map(steps => steps.found)])
  // Parameters of the looks into texts come last: a statement of what the index finds does without them.
  const looks = made.map(steps => steps.check)
  const [needs, reads] = [sql.params.length, sql.reads]
  const check = both(looks.map(look => look(sql)))
  return { text: both([found, check]), params: sql.params, reads: sql.reads, parts: { found, needs, check, reads } }
}

function hasSteps(rule: Rule): boolean {
  return !isGroup(rule) && (fieldOf(rule)?.looksInside?.(rule) ?? false)
}

function stepsOf(rule: Rule, sql: Sql): Steps | null {
  return isGroup(rule) ? null : (fieldOf(rule)?.steps?.(rule, sql) ?? null)
}

function conditionOf(rule: Rule, sql: Sql, context: MatchContext): string {
  if (!isGroup(rule)) return fieldOf(rule)?.compile(rule, sql, context) ?? 'false'
  if (rule.kind === 'all') return allOf(rule.rules, sql, context)
  if (rule.rules.length === 0) return rule.kind === 'any' ? 'false' : 'true'
  const some = `(${rule.rules.map(part => conditionOf(part, sql, context)).join(' OR ')})`
  return rule.kind === 'any' ? some : `NOT ${some}`
}

/** Words that must all be there go into one tsquery, which one index scan answers. */
function allOf(rules: readonly Rule[], sql: Sql, context: MatchContext): string {
  const words = rules.filter(part => part.kind === 'word')
  const others = rules.filter(part => part.kind !== 'word')
  const parts = others.map(part => conditionOf(part, sql, context))
  if (words.length > 0) parts.unshift(sql.hasWords(words.map(wordQuery).join(' & ')))
  return both(parts)
}
