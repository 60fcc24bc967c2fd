// What a field of a search is: one file says all of it, from the rule as JSON to its SQL, its words and its facet. The
// registry lists them; nothing else knows which fields there are.

import type { FolderId, MeaningId, TagId } from '../../ids'
import type { Facet } from './facet'
import type { FieldRule, Grouped } from './grouped'

/** A value from outside, of which nothing is known yet. */
export type Raw = Readonly<Record<string, unknown>>

/** A clause in braces: {head rest}, and both as they stand together. */
export interface Clause {
  readonly head: string
  readonly rest: string
  readonly whole: string
}

/** How folders, tags and colours are called in the plan; null where nothing is called so. */
export interface Names {
  readonly folder: (text: string) => FolderId | null
  readonly folderText: (id: FolderId) => string
  readonly tag: (text: string) => TagId | null
  readonly tagText: (id: TagId) => string
  readonly meaning: (text: string) => MeaningId | null
  readonly meaningText: (id: MeaningId) => string
}

/** What a rule needs to know of the plan and the moment. */
export interface MatchContext {
  /** A folder and everything under it; empty when it is gone. */
  readonly below: (id: FolderId) => readonly FolderId[]
  /** The colour that shows on a folder, its own or inherited. */
  readonly meaningOf: (id: FolderId) => MeaningId | null
  /** All folders on which one of these colours shows. */
  readonly coloured: (meanings: readonly (MeaningId | null)[]) => readonly FolderId[]
  /** ISO 8601. */
  readonly now: string
}

/** A condition is written with it: values travel as parameters, and what it reads beside search_row `s` is noted. */
export interface Sql {
  /** A parameter that holds the value: "$3". */
  readonly bind: (value: unknown) => string
  /** The document; naming it makes the statement join it. */
  readonly d: string
  /** The texts of pages; naming them says that texts are looked into. */
  readonly pageText: string
  /** What the index of words answers; `query` is a tsquery. */
  readonly hasWords: (query: string) => string
}

/** A condition in two steps: what the index finds, and what only a look into each text tells of that. */
export interface Steps {
  readonly found: string
  readonly check: (sql: Sql) => string
}

/** Which control the row of a rule shows (app/components/find/editors has one for each). */
export type Editor = 'words' | 'text' | 'time' | 'size' | 'place' | 'choices' | 'star' | 'empty' | 'nothing'

/** For rules that hold any of some values. */
interface Choices<R> {
  /** All values there are; or what of the plan they are. */
  readonly all: readonly { readonly value: string; readonly text: string }[] | 'tags' | 'meanings'
  chosen(rule: R): readonly string[]
  make(chosen: readonly string[]): R
}

/** That nothing stands in the field: {"kind": "empty", "field": key}. */
export interface Empty<K extends string, D extends object> {
  readonly key: K
  /** "no remark", as it is typed. */
  readonly words: string
  /** "the remark", as it is chosen. */
  readonly text: string
  matches(document: D): boolean
  compile(sql: Sql): string
}

export interface Field<R extends FieldRule, D extends object> {
  readonly key: string
  /** What it is called. */
  readonly name: string
  /** Its rules: their kind, with their field behind a colon where several fields share a kind. */
  readonly rules: readonly string[]
  readonly editor: Editor
  readonly choices?: Choices<R>
  /** The rule that a person begins with. */
  fresh(): R
  /** Whether it says something: a rule that is just begun is not asked yet. */
  isComplete(rule: R): boolean
  /** From JSON. Throws NoRule. */
  read(raw: Raw): R
  /** From the notation; null where the clause is another field's. Throws NoClause. */
  parse(clause: Clause, names: Names): Grouped<R> | null
  /** In the notation, without braces. */
  print(rule: R, names: Names): string
  matches(rule: R, document: D, context: MatchContext): boolean
  /** Its conditions ask the context for folders, or for their colours. */
  readonly asksForFolders?: boolean
  /** What `matches` sees of a document, and how the database says it (tables `s` and `d`, values as in JSON). */
  readonly columns: Readonly<Record<string, string>>
  compile(rule: R, sql: Sql, context: MatchContext): string
  /** Whether a rule looks into texts, and then its condition in two steps, for the top of a search. */
  looksInside?(rule: R): boolean
  steps?(rule: R, sql: Sql): Steps | null
}

/** What narrows a search by the field, and what it is that nothing stands in it. */
export interface Marks<F, E extends string, D extends object> {
  readonly facet?: F
  readonly empty?: Empty<E, D>
}

/** A field of its own kind: defineField<Rule, Document>()({ … }). */
export function defineField<R extends FieldRule, D extends object>() {
  return <F extends Facet<string, unknown> | undefined = undefined, const E extends string = never>(
    spec: Field<R, D> & {
      readonly columns: Readonly<Record<keyof D & string, string>>
      readonly facet?: F
      readonly empty?: Empty<E, D>
    },
  ): Field<R, D> & Marks<F, E, D> => spec
}

/** The sum of conditions; nothing given is true. */
export function both(parts: readonly string[]): string {
  const given = parts.filter(part => part !== '')
  return given.length === 0 ? 'true' : `(${given.join(' AND ')})`
}

/** Both steps at once. */
export function wholeOf({ found, check }: Steps, sql: Sql): string {
  return both([found, check(sql)])
}
