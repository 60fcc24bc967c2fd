// Documents side by side: a heading begins a new line.

export interface GridLine<R> {
  readonly rows: readonly R[]
  /** What stands over the line; null: nothing. */
  readonly heading: string | null
}

/** Lines of at most `across` documents, in their order. `headings` are by the id of the first document under each. */
export function linesOf<R extends { readonly id: string }>(
  rows: readonly R[],
  across: number,
  headings: ReadonlyMap<string, string> = new Map(),
): GridLine<R>[] {
  const lines: { rows: R[]; heading: string | null }[] = []
  for (const row of rows) {
    const heading = headings.get(row.id) ?? null
    const last = lines.at(-1)
    if (!last || heading !== null || last.rows.length >= across) lines.push({ rows: [row], heading })
    else last.rows.push(row)
  }
  return lines
}

/** The first document under each heading, with it: a heading wherever the group changes. */
export function headingsOf(
  rows: readonly { readonly id: string }[],
  groups: ReadonlyMap<string, string>,
  textOf: (group: string) => string,
): ReadonlyMap<string, string> {
  const headings = new Map<string, string>()
  let last: string | undefined
  for (const { id } of rows) {
    const group = groups.get(id)
    if (group !== undefined && group !== last) headings.set(id, textOf(group))
    last = group
  }
  return headings
}

/** What stands over those that are kept first, and over all others. */
export function firstHeadings(
  rows: readonly { readonly id: string }[],
  first: number,
): ReadonlyMap<string, string> | undefined {
  const [top, others] = [rows[0], rows[first]]
  if (first === 0 || !top) return undefined
  return new Map([[top.id, 'Kept first'], ...(others ? ([[others.id, 'All others']] as const) : [])])
}
