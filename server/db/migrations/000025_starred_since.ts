// The search for forgotten stars that plans began with also counted what was starred a minute ago.

export const name = '000025_starred_since'

const query = (rules: readonly object[]): string =>
  JSON.stringify({ star: 'yes', rule: JSON.stringify({ kind: 'all', rules }) }).replaceAll("'", "''")
const notLately = (field: string) => ({ kind: 'none', rules: [{ kind: 'recent', field, count: 1, unit: 'month' }] })

export const sql = `
UPDATE kept_search SET query = '${query([notLately('opened'), notLately('starred')])}'::jsonb
WHERE query = '${query([notLately('opened')])}'::jsonb;
`
