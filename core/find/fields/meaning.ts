// The colour that shows on a document: its own, else that of its home.

import type { FolderId, MeaningId } from '../../ids'
import { tryParseId } from '../../ids'
import type { MatchContext } from './field'
import { defineField } from './field'
import { valuesFacet } from './facet'
import { FOLDER_IDS, PLACED } from './place'
import { valuesOf } from './readClause'
import { id, list } from './readValue'
import type { ValuesRule } from './valuesField'

/** null: no colour. */
export type MeaningRule = ValuesRule<'meaning', MeaningId | null>

export interface Coloured {
  /** The home first. */
  readonly folderIds: readonly FolderId[]
  /** Its own; null: that of its home. */
  readonly meaningId: MeaningId | null
}

export const meaningField = defineField<MeaningRule, Coloured>()({
  key: 'meaning',
  name: 'Colour',
  rules: ['meaning'],
  asksForFolders: true,
  editor: 'choices',
  choices: {
    all: 'meanings',
    chosen: rule => rule.anyOf.map(meaning => meaning ?? ''),
    make: chosen => ({ kind: 'meaning', anyOf: chosen.map(meaning => tryParseId<'meaning'>(meaning)) }),
  },
  fresh: () => ({ kind: 'meaning', anyOf: [null] }),
  isComplete: rule => rule.anyOf.length > 0,
  read: raw => ({ kind: 'meaning', anyOf: list(raw.anyOf, item => (item === null ? null : id<MeaningId>(item))) }),
  parse: (clause, names) => {
    if (clause.head !== 'colour') return null
    const found = valuesOf(clause, 'colour', value => {
      if (/^none$/i.test(value)) return { meaning: null }
      const meaning = names.meaning(value)
      return meaning === null ? null : { meaning }
    })
    return { kind: 'meaning', anyOf: found.map(({ meaning }) => meaning) }
  },
  print: (rule, names) =>
    `colour ${rule.anyOf.map(meaning => (meaning === null ? 'none' : names.meaningText(meaning))).join(' or ')}`,
  matches: (rule, document, context) => rule.anyOf.includes(shownOn(document, context)),
  columns: { folderIds: FOLDER_IDS, meaningId: 's.meaning_id' },
  compile: ({ anyOf }, { bind }, context) => {
    const own = bind(anyOf.filter(meaning => meaning !== null))
    const folders = bind(context.coloured(anyOf))
    const homeless = anyOf.includes(null)
      ? ` OR NOT EXISTS (SELECT FROM placement p WHERE ${PLACED} AND p.folder_id IS NOT NULL)`
      : ''
    return `((s.meaning_id IS NOT NULL AND s.meaning_id = ANY(${own}::uuid[])) OR (s.meaning_id IS NULL
      AND (EXISTS (SELECT FROM placement p WHERE ${PLACED} AND p.home
        AND p.folder_id = ANY(${folders}::uuid[]))${homeless})))`
  },
  facet: valuesFacet({
    key: 'meanings',
    name: 'Colour',
    panel: 'meanings',
    order: 30,
    relaxed: 'of any colour',
    param: 'colours',
    isValue: (text): text is MeaningId | 'none' => text === 'none' || tryParseId(text) !== null,
    rule: values => ({ kind: 'meaning', anyOf: values.map(value => (value === 'none' ? null : value)) }),
    count: {
      by: 'place',
      of: ({ places, meaningOf }) =>
        places.map(({ folderIds: [home], meaningId, count }) => [
          meaningId ?? (home === undefined ? null : meaningOf(home)) ?? 'none',
          count,
        ]),
    },
  }),
})

function shownOn({ meaningId, folderIds: [home] }: Coloured, context: MatchContext): MeaningId | null {
  return meaningId ?? (home === undefined ? null : context.meaningOf(home))
}
