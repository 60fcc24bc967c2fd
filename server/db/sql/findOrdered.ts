// What is found in an order of its values, how many each of several rules finds, and the ids of all that is found.

import type { Compiled, FoundGroup, FoundSort, Orderable } from '../../../core/find/index'
import { rows } from '../client'
import { isoText } from '../tables'
import { joinFor, matching } from './find'
import { IN_PLAN, planPredicate } from './planPredicate'

/**
 * The newest hits, at most `limit`. Hits of words are all fetched from the index of words: walking the newest would
 * look into each document.
 */
async function newestHits(planId: string, condition: Compiled, limit: number): Promise<string> {
  const hits = matching(condition, await planPredicate(planId, condition))
  const fenced = condition.reads.words ? `SELECT * FROM (${hits} OFFSET 0) s` : hits
  return `${fenced} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(limit)}`
}

const ORDER_KEY: Record<Exclude<FoundSort, 'best' | 'place'>, string> = {
  name: 'd.name COLLATE natural_order',
  changed: 'm.changed_at',
  added: 'd.created_at',
  opened: '(SELECT v.at FROM visit v WHERE v.document_id = d.id AND (v.plan_id = d.plan_id) IS TRUE)',
  dated: 'd.dated_at',
  size: 'd.size',
}

/**
 * A page of hits by a value of theirs, among the newest `most`; those without it come last. `count`: exact up to
 * `most`, one more stands for more.
 */
export async function orderedPage(
  planId: string,
  condition: Compiled,
  { sort, descending }: { readonly sort: keyof typeof ORDER_KEY; readonly descending: boolean },
  page: { readonly at: number; readonly limit: number },
  most: number,
): Promise<{ count: number; ids: string[] }> {
  const [found] = await rows<{ count: number; ids: string[] | null }>(
    null,
    `WITH m AS MATERIALIZED (${await newestHits(planId, condition, most + 1)}),
      page AS (SELECT d.id, row_number() OVER (ORDER BY ${ORDER_KEY[sort]} ${descending ? 'DESC' : 'ASC'} NULLS LAST,
        m.changed_at DESC, d.id DESC) AS at FROM m JOIN document d ON d.id = m.document_id AND (d.plan_id = $1) IS TRUE
        ORDER BY 2 LIMIT ${Math.trunc(page.limit)} OFFSET ${Math.trunc(page.at)})
    SELECT (SELECT count(*)::int FROM m) AS count, (SELECT array_agg(id ORDER BY at) FROM page) AS ids`,
    [planId, ...condition.params],
  )
  return { count: found?.count ?? 0, ids: found?.ids ?? [] }
}

/**
 * What the orders look at that are made beside the database (by place, with headings): the newest hits, at most
 * `limit`, with what this order needs.
 */
export async function orderFacts(
  planId: string,
  condition: Compiled,
  { sort, group }: { readonly sort: FoundSort; readonly group: FoundGroup },
  limit: number,
): Promise<Orderable[]> {
  const needs = (is: boolean, sql: string, other = 'NULL') => (is ? sql : other)
  const byName = sort === 'name' || sort === 'place'
  const [found] = await rows<{ facts: (string | number | null)[][] | null }>(
    null,
    `WITH m AS MATERIALIZED (${await newestHits(planId, condition, limit)})
    SELECT json_agg(json_build_array(d.id, ${needs(byName, 'd.name', `''`)}, d.extension, d.size,
      ${isoText('d.changed_at')}, ${needs(sort === 'added', isoText('d.created_at'), `''`)},
      ${needs(
        sort === 'opened',
        `(SELECT ${isoText('v.at')} FROM visit v WHERE v.document_id = d.id
        AND (v.plan_id = d.plan_id) IS TRUE)`,
      )}, ${needs(sort === 'dated', isoText('d.dated_at'))},
          ${needs(group === 'sender', 'd.sender', `''`)},
      ${needs(
        sort === 'place' || group === 'place' || group === 'meaning',
        '(SELECT p.folder_id FROM placement ' +
          'p WHERE p.document_id = d.id AND (p.plan_id = d.plan_id) IS TRUE AND p.home)',
      )}, d.meaning_id,
      ${needs(
        group === 'tag',
        '(SELECT t.id FROM tagging g JOIN tag t ON t.id = g.tag_id AND t.plan_id = ' +
          'g.plan_id WHERE g.target_id = d.id AND (g.plan_id = d.plan_id) IS TRUE ORDER BY t.name COLLATE ' +
          'natural_order LIMIT 1)',
      )})
      ORDER BY m.changed_at DESC, m.document_id DESC) AS facts
    FROM m JOIN document d ON d.id = m.document_id AND (d.plan_id = $1) IS TRUE`,
    [planId, ...condition.params],
  )
  return (found?.facts ?? []).map(
    ([id, name, extension, size, changedAt, addedAt, openedAt, datedAt, sender, folderId, meaningId, tagId]) =>
      ({
        id,
        name,
        extension,
        size,
        changedAt,
        addedAt,
        openedAt,
        datedAt,
        sender,
        folderId,
        meaningId,
        tagId,
      }) as Orderable,
  )
}

/**
 * How many each of the rules finds, in one statement; exact up to `limit`, one more stands for more. `compiled` gives
 * the condition with its parameters numbered from where it is asked.
 */
export async function countEach(
  planId: string,
  compiled: readonly ((firstParam: number) => Compiled)[],
  limit: number,
): Promise<number[]> {
  if (compiled.length === 0) return []
  const params: unknown[] = [planId]
  const counts: string[] = []
  for (const make of compiled) {
    const condition = make(params.length + 1)
    params.push(...condition.params)
    counts.push(
      `(SELECT count(*)::int FROM (SELECT FROM search_row s ${joinFor(condition)}
        WHERE ${await planPredicate(planId, condition)} AND ${condition.text} LIMIT ${Math.trunc(limit) + 1}) x)`,
    )
  }
  const [found] = await rows<{ counts: number[] }>(null, `SELECT ARRAY[${counts.join(', ')}] AS counts`, params)
  return found?.counts ?? []
}

/** The newest documents that are found, at most `limit`. */
export async function idsFound(planId: string, condition: Compiled, limit: number): Promise<string[]> {
  const found = await rows<{ id: string }>(
    null,
    `SELECT s.document_id AS id FROM search_row s ${joinFor(condition)} WHERE ${IN_PLAN} AND ${condition.text}
      ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(limit)}`,
    [planId, ...condition.params],
  )
  return found.map(row => row.id)
}
