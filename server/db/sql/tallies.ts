// What is counted of found documents, group by group. The groups are counted by the database: fetching ten thousand
// documents to count them here took twice as long.

import type { Compiled, Tallies, TimeField } from '../../../core/find/index'
import { SIZE_CLASS_NAMES, SIZE_CLASSES } from '../../../core/find/index'
import { rows } from '../client'
import { joinFor } from './find'
import { planPredicate } from './planPredicate'

const MOMENT: Record<TimeField, string> = {
  changed: 's.changed_at',
  added: 's.added_at',
  opened: '(SELECT v.at FROM visit v WHERE v.document_id = s.document_id AND (v.plan_id = s.plan_id) IS TRUE)',
  dated: 's.dated_at',
}
const SIZE_CLASS = `CASE ${SIZE_CLASS_NAMES.map(name => {
  const { before } = SIZE_CLASSES[name]
  return before === null ? `ELSE '${name}'` : `WHEN m.size < ${before} THEN '${name}'`
}).join(' ')} END`

/** The groups whose values are counted in one go, and how each is made of the documents `m`. */
const VALUES = {
  extensions: 'm.extension',
  origins: 'm.origin',
  sizes: SIZE_CLASS,
  languages: `coalesce(m.language, 'none')`,
  months: 'm.month',
} as const
const VALUE_GROUPS = Object.keys(VALUES) as (keyof typeof VALUES)[]

type Values = Pick<Tallies, keyof typeof VALUES | 'count' | 'tags' | 'starred'>
type Places = Pick<Tallies, 'lying' | 'spread'>

/**
 * Counts of at most `limit` found documents, of any of them where there are more. Months are those of `field`. The
 * In-tray's place is the plan. Where they lie is looked up for each document and takes as long as all else: two
 * statements, side by side.
 */
export async function talliesFound(
  planId: string,
  condition: Compiled,
  field: TimeField,
  limit: number,
): Promise<Tallies> {
  const found = (columns: string) => matching(planId, condition, columns, limit)
  const [values, places] = await Promise.all([
    found(
      `s.document_id, s.extension, s.origin, s.size, s.language, date_trunc('month', ${MOMENT[field]} AT TIME ZONE 'UTC') AS month`,
    ).then(hits => valuesOf(hits, [planId, ...condition.params])),
    found('s.document_id, s.meaning_id').then(hits => placesOf(hits, [planId, ...condition.params])),
  ])
  return { ...values, ...places }
}

/** `m`: the documents that are found, with these columns. */
async function matching(planId: string, condition: Compiled, columns: string, limit: number): Promise<string> {
  // What is found is a list of its own: a limit right on it makes PostgreSQL read the documents one by one.
  return `hits AS MATERIALIZED (SELECT ${columns} FROM search_row s ${joinFor(condition)}
    WHERE ${await planPredicate(planId, condition)} AND ${condition.text}), m AS MATERIALIZED (SELECT * FROM hits
      LIMIT ${Math.trunc(limit)})`
}

async function valuesOf(hits: string, params: readonly unknown[]): Promise<Values> {
  const grouped = VALUE_GROUPS.map(group => `${VALUES[group]} AS ${group}`).join(', ')
  const [found] = await rows<{
    values: [which: number, value: string | null, number: number][] | null
    tags: Values['tags'] | null
    starred: number
  }>(
    null,
    `WITH ${hits},
      -- Of GROUPING's bits, one for each group, that of the counted group alone is 0.
      counted AS (SELECT GROUPING(${VALUE_GROUPS.join(', ')}) AS which, coalesce(${VALUE_GROUPS.map(group => (group === 'months' ? `to_char(months, 'YYYY-MM')` : group)).join(', ')}) AS value, count(*)::int AS number
        FROM (SELECT ${grouped} FROM m) v GROUP BY GROUPING SETS (${VALUE_GROUPS.map(group => `(${group})`).join(', ')}, ()))
    SELECT (SELECT json_agg(json_build_array(which, value, number)) FROM counted) AS values,
      (SELECT json_object_agg(tag_id, number) FROM (SELECT g.tag_id, count(*)::int AS number FROM m JOIN tagging g ON g.target_id = m.document_id AND (g.plan_id = $1) IS TRUE GROUP BY 1) t) AS tags,
      (SELECT count(*)::int FROM m JOIN star ON star.plan_id = $1 AND star.id = m.document_id) AS starred`,
    params,
  )
  const whole = 2 ** VALUE_GROUPS.length - 1
  const of = <C>(index: number): C =>
    Object.fromEntries(
      (found?.values ?? []).flatMap(([which, value, number]) =>
        value !== null && which === whole - 2 ** (VALUE_GROUPS.length - 1 - index) ? [[value, number]] : [],
      ),
    ) as C
  const each = Object.fromEntries(VALUE_GROUPS.map((group, index) => [group, of(index)])) as Pick<
    Values,
    keyof typeof VALUES
  >
  return {
    ...each,
    count: found?.values?.find(([which]) => which === whole)?.[2] ?? 0,
    tags: found?.tags ?? {},
    starred: found?.starred ?? 0,
  }
}

/** As they come: places and colours in order, null where there are none. */
interface PlaceRow {
  readonly lying:
    readonly [Tallies['lying'][number]['folderId'], Tallies['lying'][number]['meaningId'], number][] | null
  readonly spread: readonly [Tallies['spread'][number]['folderIds'], Tallies['spread'][number]['meaningId']][] | null
}

async function placesOf(hits: string, params: readonly unknown[]): Promise<Places> {
  const [found] = await rows<PlaceRow>(
    null,
    `WITH ${hits},
      placed AS MATERIALIZED (SELECT m.document_id, m.meaning_id, p.place, p.home FROM m LEFT JOIN placement p ON p.document_id = m.document_id AND (p.plan_id = $1) IS TRUE AND p.place <> $1),
      -- Each document has one home; whatever lies elsewhere as well has a place that is none.
      several AS MATERIALIZED (SELECT DISTINCT document_id FROM placed WHERE NOT home)
    SELECT (SELECT json_agg(json_build_array(place, meaning_id, n)) FROM (SELECT place, meaning_id, count(*)::int AS n FROM placed WHERE document_id NOT IN (SELECT document_id FROM several) GROUP BY 1, 2) x) AS lying,
      (SELECT json_agg(json_build_array(folders, meaning_id)) FROM (SELECT array_agg(q.place ORDER BY q.home DESC) AS folders, q.meaning_id FROM placed q JOIN several USING (document_id) GROUP BY document_id, q.meaning_id) x) AS spread`,
    params,
  )
  return {
    lying: (found?.lying ?? []).map(([folderId, meaningId, count]) => ({ folderId, meaningId, count })),
    spread: (found?.spread ?? []).map(([folderIds, meaningId]) => ({ folderIds, meaningId })),
  }
}
