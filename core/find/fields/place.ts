// Where a document lies: in a folder, in one below it, or in the In-tray.

import type { FolderId } from '../../ids'
import { tryParseId } from '../../ids'
import type { Grouped } from './grouped'
import { defineField } from './field'
import { oneOrAny } from './grouped'
import { valuesFacet } from './facet'
import { valuesOf } from './readClause'
import { id } from './readValue'

export interface PlaceRule {
  readonly kind: 'place'
  /** null: in no folder, that is in the In-tray. */
  readonly folderId: FolderId | null
  /** In a folder under it as well. */
  readonly below: boolean
}

export interface Placed {
  /** The home first. */
  readonly folderIds: readonly FolderId[]
}

/** The places `p` of the document of `s`. */
export const PLACED = 'p.document_id = s.document_id AND (p.plan_id = s.plan_id) IS TRUE'
export const FOLDER_IDS = `(SELECT coalesce(json_agg(p.folder_id ORDER BY p.home DESC), '[]') FROM placement p
  WHERE ${PLACED} AND p.folder_id IS NOT NULL)`

export const placeField = defineField<PlaceRule, Placed>()({
  key: 'place',
  name: 'Place',
  rules: ['place'],
  asksForFolders: true,
  editor: 'place',
  fresh: () => ({ kind: 'place', folderId: null, below: true }),
  isComplete: () => true,
  read: raw => ({
    kind: 'place',
    folderId: raw.folderId === null ? null : id<FolderId>(raw.folderId),
    below: raw.below === true,
  }),
  parse: (clause, names) => {
    if (clause.head !== 'in' && clause.head !== 'inside') return null
    const below = clause.head === 'in'
    return oneOrAny(
      valuesOf(clause, 'folder', (value): PlaceRule | null => {
        if (/^(the )?(in-)?tray$/i.test(value)) return { kind: 'place', folderId: null, below: true }
        const folderId = names.folder(value)
        return folderId === null ? null : { kind: 'place', folderId, below }
      }),
    )
  },
  print: (rule, names) =>
    rule.folderId === null ? 'in tray' : `${rule.below ? 'in' : 'inside'} ${names.folderText(rule.folderId)}`,
  matches: ({ folderId, below }, { folderIds }, context) => {
    if (folderId === null) return folderIds.length === 0
    const within = below ? context.below(folderId) : [folderId]
    return folderIds.some(one => within.includes(one))
  },
  columns: { folderIds: FOLDER_IDS },
  compile: ({ folderId, below }, { bind }, context) => {
    if (folderId === null) return `EXISTS (SELECT FROM placement p WHERE ${PLACED} AND p.folder_id IS NULL)`
    const ids = below ? context.below(folderId) : [folderId]
    return `EXISTS (SELECT FROM placement p WHERE ${PLACED} AND p.folder_id = ANY(${bind(ids)}::uuid[]))`
  },
  facet: valuesFacet({
    key: 'places',
    name: 'Where',
    panel: 'places',
    order: 10,
    relaxed: 'in any place',
    param: 'places',
    isValue: (text): text is FolderId | 'in-tray' => text === 'in-tray' || tryParseId(text) !== null,
    rule: values =>
      oneOrAny(values.map((value): Grouped<PlaceRule> => ({ kind: 'place', folderId: folderOf(value), below: true }))),
    count: { by: 'place', of: ({ totals }) => totals() },
  }),
})

const folderOf = (value: FolderId | 'in-tray') => (value === 'in-tray' ? null : value)
