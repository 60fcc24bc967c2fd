// What is counted of found documents, facet by facet. The database counts: fetching ten thousand documents to count
// them here took twice as long. How each facet is counted is said by its field (core/find/fields).

import type { Compiled, FacetKey, FacetSelection, Tallies } from '../../../core/find/index'
import { FACETS } from '../../../core/find/index'
import { rows } from '../client'
import { joinFor } from './find'
import { planPredicate } from './planPredicate'

interface CountedValue {
  readonly alias: string
  readonly select: string
  /** What is made of the grouped value in the end. */
  readonly show: string
}

interface CountedRows {
  readonly key: FacetKey
  readonly sql: string
}

/** Each counted value once: facets that count the same share its alias. */
function countedValues(facets: FacetSelection): CountedValue[] {
  const byAlias = new Map<string, CountedValue>()
  for (const { key, count } of FACETS)
    if (count.by === 'value') {
      const { alias, show = alias } = count
      byAlias.set(alias, { alias, select: count.select(facets[key]), show })
    }
  return [...byAlias.values()]
}

const COUNTED_ROWS: readonly CountedRows[] = FACETS.flatMap(({ key, count }) =>
  count.by === 'rows' ? [{ key, sql: count.sql }] : [],
)

/**
 * Counts of at most `limit` found documents, of any of them where there are more. The In-tray's place is the plan.
 * Where they lie is looked up for each document and takes as long as all else: two statements, side by side.
 */
export async function talliesFound(
  planId: string,
  condition: Compiled,
  facets: FacetSelection,
  limit: number,
): Promise<Tallies> {
  const values = countedValues(facets)
  const found = (columns: readonly string[]) => matching(planId, condition, ['s.document_id', ...columns], limit)
  const params = [planId, ...condition.params]
  const [counted, places] = await Promise.all([
    found(values.map(({ alias, select }) => `${select} AS ${alias}`)).then(hits => valuesOf(hits, values, params)),
    found(['s.meaning_id']).then(hits => placesOf(hits, params)),
  ])
  return { ...counted, places }
}

/** `m`: the documents that are found, with these columns. */
async function matching(
  planId: string,
  condition: Compiled,
  columns: readonly string[],
  limit: number,
): Promise<string> {
  // What is found is a list of its own: a limit right on it makes PostgreSQL read the documents one by one.
  return `hits AS MATERIALIZED (SELECT ${columns.join(', ')} FROM search_row s ${joinFor(condition)}
    WHERE ${await planPredicate(planId, condition)} AND ${condition.text}), m AS MATERIALIZED (SELECT * FROM hits
      LIMIT ${Math.trunc(limit)})`
}

type Counted = readonly [value: string, number: number][]

async function valuesOf(
  hits: string,
  values: readonly CountedValue[],
  params: readonly unknown[],
): Promise<Omit<Tallies, 'places'>> {
  const aliases = values.map(({ alias }) => alias)
  const others = COUNTED_ROWS.map(
    ({ sql }, index) =>
      `(SELECT json_agg(json_build_array(value, number)) FROM (${sql}) x WHERE number > 0) AS rows_${index}`,
  )
  const [found] = await rows<{ values: [which: number, value: string | null, number: number][] | null } & RowCounts>(
    null,
    `WITH ${hits},
      -- Of GROUPING's bits, one for each value, that of the counted value alone is 0.
      counted AS (SELECT GROUPING(${aliases.join(', ')}) AS which,
        coalesce(${values.map(({ show }) => show).join(', ')}) AS value, count(*)::int AS number
        FROM m GROUP BY GROUPING SETS (${aliases.map(alias => `(${alias})`).join(', ')}, ()))
    SELECT ${['(SELECT json_agg(json_build_array(which, value, number)) FROM counted) AS values', ...others].join(
      ', ',
    )}`,
    params,
  )
  const whole = 2 ** aliases.length - 1
  const counts = found?.values ?? []
  const of = (index: number): Counted =>
    counts.flatMap(([which, value, number]) =>
      value !== null && which === whole - 2 ** (aliases.length - 1 - index) ? [[value, number] as const] : [],
    ) as Counted
  return {
    count: counts.find(([which]) => which === whole)?.[2] ?? 0,
    values: Object.fromEntries(aliases.map((alias, index) => [alias, Object.fromEntries(of(index))])),
    rows: Object.fromEntries(
      COUNTED_ROWS.map(({ key }, index) => [key, Object.fromEntries(found?.[`rows_${index}`] ?? [])]),
    ),
  }
}

type RowCounts = Readonly<Record<`rows_${number}`, Counted | null>>

/** As they come: places and colours in order, null where there are none. */
interface PlaceRow {
  readonly single: readonly [FolderOf, MeaningOf, number][] | null
  readonly spread: readonly [Tallies['places'][number]['folderIds'], MeaningOf][] | null
}
type FolderOf = Tallies['places'][number]['folderIds'][number] | null
type MeaningOf = Tallies['places'][number]['meaningId']

async function placesOf(hits: string, params: readonly unknown[]): Promise<Tallies['places']> {
  const [found] = await rows<PlaceRow>(
    null,
    `WITH ${hits},
      placed AS MATERIALIZED (SELECT m.document_id, m.meaning_id, p.place, p.home FROM m LEFT JOIN placement p
        ON p.document_id = m.document_id AND (p.plan_id = $1) IS TRUE AND p.place <> $1),
      -- Each document has one home; whatever lies elsewhere as well has a place that is none.
      several AS MATERIALIZED (SELECT DISTINCT document_id FROM placed WHERE NOT home)
    SELECT (SELECT json_agg(json_build_array(place, meaning_id, n)) FROM (SELECT place, meaning_id, count(*)::int AS n
        FROM placed WHERE document_id NOT IN (SELECT document_id FROM several) GROUP BY 1, 2) x) AS single,
      (SELECT json_agg(json_build_array(folders, meaning_id)) FROM (SELECT array_agg(q.place ORDER BY q.home DESC)
        AS folders, q.meaning_id FROM placed q JOIN several USING (document_id)
        GROUP BY document_id, q.meaning_id) x) AS spread`,
    params,
  )
  const single = found?.single ?? []
  return [
    ...single.map(([folder, meaningId, count]) => ({ folderIds: folder === null ? [] : [folder], meaningId, count })),
    ...(found?.spread ?? []).map(([folderIds, meaningId]) => ({ folderIds, meaningId, count: 1 })),
  ]
}
