// What is counted of found documents, group by group. The groups are counted by the database: fetching ten thousand
// documents to count them here took twice as long.

import type { Compiled, Tallies, TimeField } from '../../../core/find/index'
import { SIZE_CLASS_NAMES, SIZE_CLASSES } from '../../../core/find/index'
import { rows } from '../client'
import { joinFor } from './find'
import { ofPlan } from './ofPlan'

const MOMENT: Record<TimeField, string> = { changed: 'h.changed_at', added: 'h.added_at', opened: '(SELECT v.at FROM visit v WHERE v.document_id = h.document_id)', dated: 'h.dated_at' }
const SIZE_CLASS = `CASE ${SIZE_CLASS_NAMES.map((name) => { const { before } = SIZE_CLASSES[name]; return before === null ? `ELSE '${name}'` : `WHEN m.size < ${before} THEN '${name}'` }).join(' ')} END`
const MONTH = `date_trunc('month', m.at AT TIME ZONE 'UTC')`

/** How often each value is there; `said`: how the value is written. */
const each = (value: string, { from = 'm', said = 'value' } = {}) => `(SELECT json_object_agg(${said}, n) FROM (SELECT ${value} AS value, count(*)::int AS n FROM ${from} GROUP BY 1) x WHERE value IS NOT NULL)`

/** As they come: groups in which there is nothing are null. */
type Row = { readonly [K in Exclude<keyof Tallies, 'lying' | 'spread'>]: Tallies[K] | null } & {
  readonly lying: readonly [Tallies['lying'][number]['folderId'], Tallies['lying'][number]['meaningId'], number][] | null
  readonly spread: readonly [Tallies['spread'][number]['folderIds'], Tallies['spread'][number]['meaningId']][] | null
}

/** Counts of at most `limit` found documents, of any of them where there are more. Months are those of `field`. The In-tray's place is the plan. */
export async function talliesFound(planId: string, condition: Compiled, field: TimeField, limit: number): Promise<Tallies> {
  const [found] = await rows<{ tallies: Partial<Row> }>(null, `WITH
      hits AS MATERIALIZED (SELECT s.document_id, s.extension, s.origin, s.size, s.language, s.meaning_id, s.changed_at, s.added_at, s.dated_at FROM search_row s ${joinFor(condition)} WHERE ${await ofPlan(planId, condition)} AND ${condition.text}),
      m AS MATERIALIZED (SELECT h.document_id, h.extension, h.origin, h.size, h.language, h.meaning_id, ${MOMENT[field]} AS at FROM hits h LIMIT ${Math.trunc(limit)}),
      placed AS MATERIALIZED (SELECT m.document_id, m.meaning_id, p.place, p.home FROM m LEFT JOIN placement p ON p.document_id = m.document_id AND p.place <> $1),
      -- Each document has one home; whatever lies elsewhere as well has a place that is none.
      several AS MATERIALIZED (SELECT DISTINCT document_id FROM placed WHERE NOT home)
    SELECT json_build_object('count', (SELECT count(*)::int FROM m), 'extensions', ${each('m.extension')}, 'origins', ${each('m.origin')}, 'sizes', ${each(SIZE_CLASS)},
      'languages', ${each(`coalesce(m.language, 'none')`)}, 'months', ${each(MONTH, { said: `to_char(value, 'YYYY-MM')` })}, 'tags', ${each('g.tag_id', { from: 'm JOIN tagging g ON g.target_id = m.document_id' })},
      'starred', (SELECT count(*)::int FROM m JOIN star ON star.id = m.document_id),
      'lying', (SELECT json_agg(json_build_array(place, meaning_id, n)) FROM (SELECT place, meaning_id, count(*)::int AS n FROM placed WHERE document_id NOT IN (SELECT document_id FROM several) GROUP BY 1, 2) x),
      'spread', (SELECT json_agg(json_build_array(folders, meaning_id)) FROM (SELECT array_agg(q.place ORDER BY q.home DESC) AS folders, m.meaning_id FROM several JOIN m USING (document_id)
        JOIN placement q ON q.document_id = m.document_id AND q.place <> $1 GROUP BY m.document_id, m.meaning_id) x)) AS tallies`,
  [planId, ...condition.params])
  const { count, extensions, origins, sizes, languages, months, tags, starred, lying, spread } = found?.tallies ?? {}
  return {
    count: count ?? 0, starred: starred ?? 0,
    extensions: extensions ?? {}, origins: origins ?? {}, sizes: sizes ?? {}, languages: languages ?? {}, months: months ?? {}, tags: tags ?? {},
    lying: (lying ?? []).map(([folderId, meaningId, number]) => ({ folderId, meaningId, count: number })),
    spread: (spread ?? []).map(([folderIds, meaningId]) => ({ folderIds, meaningId })),
  }
}

