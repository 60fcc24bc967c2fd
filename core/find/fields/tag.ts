// The tags that a document carries.

import type { TagId } from '../../ids'
import { tryParseId } from '../../ids'
import { defineField } from './field'
import { valuesFacet } from './facet'
import { valuesOf } from './readClause'
import { id, list } from './readValue'
import type { ValuesRule } from './valuesField'

/** Carries any of the tags. */
export type TagRule = ValuesRule<'tag', TagId>

const TAGGED = 'g.target_id = s.document_id AND (g.plan_id = s.plan_id) IS TRUE'

export const tagField = defineField<TagRule, { readonly tagIds: readonly TagId[] }>()({
  key: 'tag',
  name: 'Tag',
  rules: ['tag'],
  editor: 'choices',
  choices: {
    all: 'tags',
    chosen: rule => rule.anyOf,
    make: chosen => ({ kind: 'tag', anyOf: chosen.flatMap(tag => tryParseId<'tag'>(tag) ?? []) }),
  },
  fresh: () => ({ kind: 'tag', anyOf: [] }),
  isComplete: rule => rule.anyOf.length > 0,
  read: raw => ({ kind: 'tag', anyOf: list(raw.anyOf, item => id<TagId>(item)) }),
  parse: (clause, names) => (clause.head === 'tag' ? { kind: 'tag', anyOf: valuesOf(clause, 'tag', names.tag) } : null),
  print: (rule, names) => `tag ${rule.anyOf.map(names.tagText).join(' or ')}`,
  matches: (rule, { tagIds }) => tagIds.some(tag => rule.anyOf.includes(tag)),
  columns: { tagIds: `(SELECT coalesce(json_agg(g.tag_id), '[]') FROM tagging g WHERE ${TAGGED})` },
  compile: (rule, { bind }) =>
    `EXISTS (SELECT FROM tagging g WHERE ${TAGGED} AND g.tag_id = ANY(${bind(rule.anyOf)}::uuid[]))`,
  facet: valuesFacet({
    key: 'tags',
    name: 'Tags',
    panel: 'tags',
    order: 50,
    relaxed: 'with any tags or none',
    param: 'tags',
    isValue: (text): text is TagId => tryParseId(text) !== null,
    rule: anyOf => ({ kind: 'tag', anyOf }),
    all: true,
    count: {
      by: 'rows',
      sql: `SELECT g.tag_id::text AS value, count(*)::int AS number FROM m JOIN tagging g ON g.target_id = m.document_id
        AND (g.plan_id = $1) IS TRUE GROUP BY 1`,
    },
  }),
  empty: {
    key: 'tags',
    words: 'no tags',
    text: 'the tags',
    matches: ({ tagIds }) => tagIds.length === 0,
    compile: () => `NOT EXISTS (SELECT FROM tagging g WHERE ${TAGGED})`,
  },
})
