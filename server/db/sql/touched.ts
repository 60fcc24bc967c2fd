import { rows } from '../client'

/** How many Changes a plan had after a revision, and the ids of all that they were about or that lies around it. */
export async function touchedSince(
  planId: string,
  revision: number,
): Promise<{ readonly changes: number; readonly ids: readonly string[] }> {
  const [found] = await rows<{ changes: number; ids: string[] }>(
    null,
    `WITH c AS (SELECT things, places FROM change WHERE plan_id = $1 AND revision > $2)
    SELECT (SELECT count(*)::int FROM c) AS changes,
      ARRAY(SELECT DISTINCT id FROM c, unnest(c.things || c.places) AS id) AS ids`,
    [planId, revision],
  )
  return found ?? { changes: 0, ids: [] }
}
